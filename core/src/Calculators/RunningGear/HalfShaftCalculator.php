<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;

/** A half-shaft between a gearbox and a hub that rises and steers. */
final readonly class HalfShaftCalculator implements Calculator
{
    private const APART_MM = 10.0;

    public static function name(): string
    {
        return 'half-shaft';
    }

    public static function title(): string
    {
        return 'Half-shaft plunge and angles';
    }

    public static function purpose(): string
    {
        return 'How far a half-shaft is pulled out or pushed in through travel, and the angles of its joints. The hub is carried parallel; camber is left out. Limits are those of the joints’ maker.';
    }

    public static function source(): string
    {
        return 'Geometry; Universal Joints and Driveshafts.';
    }

    public static function fields(): array
    {
        return [
            Field::lengths('inner', 'Inner joint', 3, help: 'Rearward, right, up.'),
            Field::lengths('outer', 'Outer joint', 3),
            Field::listing('travel', 'Travel', [Field::length('x', 'rearward')->defaults(0.0), Field::length('y', 'right')->defaults(0.0), Field::length('z', 'up')->defaults(0.0), Field::number('steer', 'steered to the right', '°')->between(-60.0, 60.0)->defaults(0.0)], 1, 200)->shortFor('z')->optional(),
            Field::length('widen', 'Outer joint farther out by')->defaults(0.0),
            Field::group('limits', 'Limits of the joints', [Field::length('plungeIn', 'pushed in by at most')->between(0.0, null)->optional(), Field::length('plungeOut', 'pulled out by at most')->between(0.0, null)->optional(), Field::number('innerAngle', 'inner joint', '°')->positive()->optional(), Field::number('outerAngle', 'outer joint', '°')->positive()->optional()])->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::length('length', 'Length now'),
            Result::length('newLength', 'Length at ride'),
            Result::number('rideAngle', 'Angle at ride', '°'),
            Result::length('plungeOut', 'Pulled out by at most'),
            Result::length('plungeIn', 'Pushed in by at most'),
            Result::table('travel', 'Travel', [Result::length('travel', 'rise'), Result::length('length', 'length'), Result::length('plunge', 'plunge'), Result::word('plungeState', 'plunge'), Result::number('innerAngle', 'inner joint', '°'), Result::word('innerState', 'inner'), Result::number('outerAngle', 'outer joint', '°'), Result::word('outerState', 'outer')]),
        ];
    }

    public function calculate(Values $given): array
    {
        [$inner, $outer] = [$given->place('inner') ?? throw InvalidFields::at('inner', 'missing.'), $given->place('outer') ?? throw InvalidFields::at('outer', 'missing.')];
        $side = $outer->y > $inner->y ? 1.0 : -1.0;
        $ride = $outer->plus(Vector3::of(0.0, $side * $given->number('widen'), 0.0));
        if (abs($outer->y - $inner->y) < self::APART_MM || $side * ($ride->y - $inner->y) < self::APART_MM) {
            throw InvalidFields::at('outer', 'the joints stand at least 10 mm apart sideways.');
        }
        $length = $ride->minus($inner)->norm();
        $limits = $given->group('limits');
        $travel = $given->has('travel') ? array_map(fn (Values $one): array => $this->at($one, $inner, $ride, $side, $length, $limits), $given->list('travel')) : null;
        $plunges = [0.0, ...array_map(fn (array $one): float => $one['plunge'], $travel ?? [])];

        return [
            'length' => $outer->minus($inner)->norm(), 'newLength' => $length, 'rideAngle' => $this->angle($ride->minus($inner), Vector3::of(0.0, $side, 0.0)),
            'plungeOut' => $travel === null ? null : max($plunges), 'plungeIn' => $travel === null ? null : -min($plunges), 'travel' => $travel,
        ];
    }

    /** @return array{travel: float, length: float, plunge: float, innerAngle: float, outerAngle: float, plungeState: string, innerState: string, outerState: string} */
    private function at(Values $move, Vector3 $inner, Vector3 $ride, float $side, float $length, ?Values $limits): array
    {
        $shaft = $ride->plus(Vector3::of($move->number('x'), $move->number('y'), $move->number('z')))->minus($inner);
        if ($side * $shaft->y <= 0.0) {
            throw InvalidFields::at('travel', 'brings the outer joint past the inner one.');
        }
        $turned = deg2rad($move->number('steer'));
        // Steered to the right the hub's axis on the right swings rearward.
        $hub = Vector3::of($side * sin($turned), $side * cos($turned), 0.0);
        $plunge = $shaft->norm() - $length;
        [$in, $out] = [$this->angle($shaft, Vector3::of(0.0, $side, 0.0)), $this->angle($shaft, $hub)];

        return [
            'travel' => $move->number('z'), 'length' => $shaft->norm(), 'plunge' => $plunge, 'innerAngle' => $in, 'outerAngle' => $out,
            'plungeState' => $plunge >= 0.0 ? Limit::atMost($plunge, $limits?->optional('plungeOut')) : Limit::atMost(-$plunge, $limits?->optional('plungeIn')),
            'innerState' => Limit::atMost($in, $limits?->optional('innerAngle')), 'outerState' => Limit::atMost($out, $limits?->optional('outerAngle')),
        ];
    }

    private function angle(Vector3 $one, Vector3 $other): float
    {
        return rad2deg(atan2($one->cross($other)->norm(), $one->dot($other)));
    }
}
