<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Provenance;
use Geodex\Core\Words\Sentence;

/**
 * Says how to nudge and lift each end of a vehicle on the bench. A push at one support turns the vehicle about the other,
 * so the pair at the far end moves too; to first order in the small angle, what is off is a straight line over station,
 * and each support moves by that line's value at its own station.
 */
final readonly class VehicleSetter implements HasProvenance
{
    private const APART_MM = 100.0;

    public static function provenance(): array
    {
        return [
            new Provenance('setting', 'Push and lift', 'what is off is a line over station; each support moves by that line at its own station', 'docs/formulas.md, Bench'),
        ];
    }

    /**
     * @param  ?float  $frontWanted  height of the front pair above the bench (mm); the mean of all four where not given
     * @param  ?float  $rearWanted  the same for the rear pair
     *
     * @throws UnusableBench if the pairs or the supports lie at one station
     */
    public function plan(EndPair $front, EndPair $rear, float $tolerance, ?float $frontWanted = null, ?float $rearWanted = null): SettingPlan
    {
        if (abs($rear->station - $front->station) < self::APART_MM) {
            throw UnusableBench::sameStation('The two pairs');
        }
        if (abs($rear->support - $front->support) < self::APART_MM) {
            throw UnusableBench::sameStation('The two supports');
        }
        $mean = ($front->leftHeight + $front->rightHeight + $rear->leftHeight + $rear->rightHeight) / 4;
        $frontWanted ??= $mean;
        $rearWanted ??= $mean;
        $line = fn (float $atFront, float $atRear, float $station): float => $atFront + ($atRear - $atFront) * ($station - $front->station) / ($rear->station - $front->station);
        $moves = [];
        foreach (['front' => [$front, $rear], 'rear' => [$rear, $front]] as $end => [$here, $there]) {
            $push = -$line($front->offCentre(), $rear->offCentre(), $here->support);
            $left = $line($frontWanted - $front->leftHeight, $rearWanted - $rear->leftHeight, $here->support);
            $right = $line($frontWanted - $front->rightHeight, $rearWanted - $rear->rightHeight, $here->support);
            $lever = ($there->station - $there->support) / ($here->support - $there->support);
            $moves[] = new SupportMove(end: $end, right: $push, other: $lever * $push, liftLeft: $left, liftRight: $right, otherLift: $lever * ($left + $right) / 2);
        }
        $roll = ($front->rightHeight - $front->leftHeight + $rear->rightHeight - $rear->leftHeight) / 2;
        $twist = ($rear->rightHeight - $rear->leftHeight) - ($front->rightHeight - $front->leftHeight);

        return $this->judged(front: $front, rear: $rear, tolerance: $tolerance, frontWanted: $frontWanted, rearWanted: $rearWanted, roll: $roll, twist: $twist, moves: $moves);
    }

    /** @param  list<SupportMove>  $moves */
    private function judged(EndPair $front, EndPair $rear, float $tolerance, float $frontWanted, float $rearWanted, float $roll, float $twist, array $moves): SettingPlan
    {
        $off = [
            'the front stands {by} to the {way}' => $front->offCentre(),
            'the rear stands {by} to the {way}' => $rear->offCentre(),
            'the front pair stands {by} {way}' => ($front->leftHeight + $front->rightHeight) / 2 - $frontWanted,
            'the rear pair stands {by} {way}' => ($rear->leftHeight + $rear->rightHeight) / 2 - $rearWanted,
            'the right side is {by} {way} than the left' => $roll,
        ];
        $words = [['right', 'left'], ['right', 'left'], ['high', 'low'], ['high', 'low'], ['higher', 'lower']];
        $left = [];
        foreach (array_values($off) as $i => $mm) {
            if (abs($mm) > $tolerance) {
                $left[] = Sentence::of('setting.off', array_keys($off)[$i], by: Measure::computed(abs($mm)), way: $words[$i][$mm > 0 ? 0 : 1]);
            }
        }

        if (abs($twist) > $tolerance) {
            $left[] = Sentence::of('setting.twisted', 'its two ends roll against each other by {by}: find what holds it up, or the frame is twisted', by: Measure::computed(abs($twist)));
        }

        return new SettingPlan(
            frontOff: $front->offCentre(),
            rearOff: $rear->offCentre(),
            roll: $roll,
            twist: $twist,
            worst: max(abs($twist), ...array_map(abs(...), array_values($off))),
            readyToTack: $left === [],
            moves: $moves,
            left: $left,
        );
    }
}
