<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** A bar across the vehicle that guides an axle, and a drag link beside it. */
final readonly class TrackBarCalculator implements Calculator
{
    public static function name(): string
    {
        return 'track-bar';
    }

    public static function title(): string
    {
        return 'Track bar and drag link';
    }

    public static function purpose(): string
    {
        return 'How far an axle goes sideways on its track bar, where it rolls about, and how far a drag link steers on the way; which height of its end cures it. The axle does not roll; steering box still; arm square to the link at ride.';
    }

    public static function source(): string
    {
        return 'Pythagoras; Dixon, Suspension Geometry and Computation.';
    }

    public static function fields(): array
    {
        return [
            Field::lengths('frame', 'End at the frame', 3, help: 'Rearward, right, up.'),
            Field::lengths('axle', 'End at the axle', 3),
            Field::lengths('travel', 'Rise of the axle', 1, 200, 'Falls negative.'),
            Field::length('centreline', 'Centreline, right')->defaults(0.0),
            Field::group('dragLink', 'Drag link', [
                Field::lengths('frame', 'End at the pitman arm', 3), Field::lengths('axle', 'End at the steering arm', 3), Field::length('arm', 'Steering arm behind the kingpin', 'In front of it: minus.'),
                Field::choice('move', 'End that can be moved', ['frame', 'axle'])->defaults('frame'), Field::length('range', 'up and down by')->between(0.0, 1000.0)->defaults(100.0), Field::length('step', 'in steps of')->between(0.1, null)->defaults(1.0),
            ])->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::length('length', 'Length of the bar'),
            Result::number('slope', 'Slope', '°'),
            Result::length('rollCentre', 'Roll centre, height'),
            Result::length('worst', 'Farthest sideways'),
            Result::table('travel', 'Travel', [Result::length('travel', 'rise'), Result::length('shift', 'to the right'), Result::number('slope', 'slope', '°'), Result::number('steer', 'steers to the right', '°')]),
            Result::group('dragLink', 'Drag link', [Result::length('length', 'length'), Result::number('worst', 'steers at most', '°'), Result::group('least', 'Least', [Result::length('raise', 'that end higher by'), Result::number('worst', 'steers at most', '°')])]),
        ];
    }

    public function calculate(Values $given): array
    {
        $bar = SidewaysBar::between($given->numbers('frame'), $given->numbers('axle'), '');
        $travel = $given->numbers('travel');
        $shifts = array_map(fn (float $rise): float => $bar->shift($rise, 'travel'), $travel);
        $drag = $given->group('dragLink');
        $steers = $drag === null ? null : $this->steers(SidewaysBar::between($drag->numbers('frame'), $drag->numbers('axle'), 'dragLink.'), $this->arm($drag), $travel, $shifts);

        return [
            'length' => $bar->length, 'slope' => $bar->slope(0.0), 'rollCentre' => $bar->heightAt($given->number('centreline')), 'worst' => max([0.0, ...array_map(abs(...), $shifts)]),
            'travel' => array_map(fn (int $i, float $rise): array => ['travel' => $rise, 'shift' => $shifts[$i], 'slope' => $bar->slope($rise), 'steer' => $steers[$i] ?? null], array_keys($travel), $travel),
            'dragLink' => $drag === null || $steers === null ? null : ['length' => SidewaysBar::between($drag->numbers('frame'), $drag->numbers('axle'), 'dragLink.')->length, 'worst' => max([0.0, ...array_map(abs(...), $steers)]), 'least' => $this->least($drag, $travel, $shifts)],
        ];
    }

    private function arm(Values $drag): float
    {
        return abs($drag->number('arm')) < 1.0 ? throw InvalidFields::at('dragLink.arm', 'a steering arm stands at least 1 mm before or behind its kingpin.') : $drag->number('arm');
    }

    /**
     * @param  list<float>  $travel
     * @param  list<float>  $shifts  of the bar
     * @return list<float> degrees, to the right
     */
    private function steers(SidewaysBar $link, float $arm, array $travel, array $shifts): array
    {
        return array_map(fn (float $rise, float $shift): float => -rad2deg(asin(max(-1.0, min(1.0, ($link->shift($rise, 'dragLink') - $shift) / $arm)))), $travel, $shifts);
    }

    /**
     * @param  list<float>  $travel
     * @param  list<float>  $shifts
     * @return ?array{raise: float, worst: float}
     */
    private function least(Values $drag, array $travel, array $shifts): ?array
    {
        $steps = (int) floor($drag->number('range') / $drag->number('step') + 1e-9);
        if ($steps > 20_000) {
            throw InvalidFields::at('dragLink.step', 'makes more than 20 000 heights to try.');
        }
        $best = null;
        foreach (range(-$steps, $steps) as $i) {
            $raise = $i * $drag->number('step');
            $raised = fn (string $end): array => array_map(fn (int $i, float $at): float => $i === 2 && $drag->text('move') === $end ? $at + $raise : $at, [0, 1, 2], $drag->numbers($end));
            $link = SidewaysBar::between($raised('frame'), $raised('axle'), 'dragLink.');
            if (! $link->reaches($travel)) {
                continue;
            }
            $worst = max([0.0, ...array_map(abs(...), $this->steers($link, $this->arm($drag), $travel, $shifts))]);
            $key = [round($worst, 6), abs($raise), $raise];
            $best = $best === null || $key < $best[0] ? [$key, ['raise' => $raise, 'worst' => $worst]] : $best;
        }

        return $best[1] ?? null;
    }
}
