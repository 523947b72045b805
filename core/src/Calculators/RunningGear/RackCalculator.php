<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;

/** A steering rack and its tie rods, moved or not. */
final readonly class RackCalculator implements Calculator
{
    private const APART_MM = 10.0;

    private const STEP_MM = 0.5;

    private const TRIED = 100;

    public static function name(): string
    {
        return 'rack';
    }

    public static function title(): string
    {
        return 'Steering rack and tie rods';
    }

    public static function purpose(): string
    {
        return 'Tie rods, how far inner and outer wheel differ, and how far the wheels steer when the suspension moves, before and after the rack is moved. The left side is the mirror; rigid, no roll, toe zero at ride.';
    }

    public static function source(): string
    {
        return 'Dixon, Suspension Geometry and Computation.';
    }

    public static function fields(): array
    {
        return [
            Field::lengths('inner', 'Inner end of the right tie rod', 3, help: 'Rearward, right, up; straight ahead.'),
            Field::lengths('outer', 'Outer end', 3),
            Field::lengths('upper', 'Upper pivot, or top mount', 3),
            Field::lengths('lower', 'Lower pivot', 3),
            Field::length('wheelbase', 'Wheelbase')->positive()->optional(),
            Field::length('kingpinTrack', 'Between the kingpins', 'Left empty: between the lower pivots.')->positive()->optional(),
            Field::lengths('travel', 'Rack to the right by', 0, 100)->optional(),
            Field::lengths('bump', 'Wheel up by', 0, 100)->optional(),
            Field::group('arms', 'Suspension', [Field::choice('kind', 'Kind', ['doubleArm', 'strut']), Field::lengths('lowerInner', 'Lower arm at the frame', 3), Field::lengths('upperInner', 'Upper arm at the frame', 3)->optional()])->optional(),
            Field::group('move', 'Rack moved', [Field::length('x', 'rearward')->defaults(0.0), Field::length('z', 'up')->defaults(0.0)])->optional(),
        ];
    }

    public static function results(): array
    {
        $state = [
            Result::length('tieRod', 'Tie rod'), Result::number('planAngle', 'slants in plan', '°'), Result::number('frontAngle', 'slants from the front', '°'),
            Result::table('steering', 'Steering', [Result::length('travel', 'rack'), Result::number('left', 'left', '°'), Result::number('right', 'right', '°'), Result::number('ackermann', 'Ackermann', '%')]),
            Result::table('bumpSteer', 'Over bumps', [Result::length('bump', 'wheel up'), Result::number('steer', 'steers', '°')]), Result::number('worstBumpSteer', 'steers at most', '°'),
        ];

        return [Result::group('before', 'Before', $state), Result::group('after', 'After', $state), Result::group('least', 'Least over bumps', [Result::length('raise', 'inner end higher by'), Result::number('worst', 'steers at most', '°')])];
    }

    public function calculate(Values $given): array
    {
        [$inner, $outer, $upper, $lower] = array_map(fn (string $name): Vector3 => $given->place($name) ?? throw InvalidFields::at($name, 'missing.'), ['inner', 'outer', 'upper', 'lower']);
        if ($outer->y <= $inner->y) {
            throw InvalidFields::at('outer', 'stands outboard of the inner end, on the right side.');
        }
        if ($upper->z - $lower->z < self::APART_MM) {
            throw InvalidFields::at('upper', 'stands at least 10 mm above the lower pivot.');
        }
        $upright = new SteeredUpright($upper, $lower, $outer, ArmsInFront::of($given->group('arms'), $upper, $lower));
        $bumps = $given->numbers('bump');
        if ($bumps !== [] && ! $given->has('arms')) {
            throw InvalidFields::at('arms', 'missing: without them nothing tells how the wheel goes up.');
        }
        $move = $given->group('move');
        $moved = $inner->plus(Vector3::of($move?->number('x') ?? 0.0, 0.0, $move?->number('z') ?? 0.0));

        return [
            'before' => $this->state($given, $upright, $inner), 'after' => $move === null ? null : $this->state($given, $upright, $moved),
            'least' => $bumps === [] ? null : $this->least($upright, $moved, $bumps),
        ];
    }

    /** @return array<string, mixed> */
    private function state(Values $given, SteeredUpright $upright, Vector3 $inner): array
    {
        $rod = $upright->outer->minus($inner);
        $track = $given->optional('kingpinTrack') ?? 2 * $upright->lower->y;
        $bump = array_map(fn (float $rise): array => ['bump' => $rise, 'steer' => $upright->overBump($inner, $rise)], $given->numbers('bump'));
        $steers = array_filter(array_column($bump, 'steer'), is_float(...));

        return [
            'tieRod' => $rod->norm(), 'planAngle' => rad2deg(atan2($inner->x - $upright->outer->x, abs($rod->y))), 'frontAngle' => rad2deg(atan2($inner->z - $upright->outer->z, abs($rod->y))),
            'steering' => array_map(function (float $travel) use ($upright, $inner, $given, $track): array {
                $right = $upright->steered($inner, $travel);
                $mirrored = $upright->steered($inner, -$travel);
                $left = $mirrored === null ? null : -$mirrored;

                return ['travel' => $travel, 'left' => $left, 'right' => $right, 'ackermann' => $this->ackermann($left, $right, $given->optional('wheelbase'), $track)];
            }, $given->numbers('travel')),
            'bumpSteer' => $bump, 'worstBumpSteer' => $steers === [] ? null : max(array_map(abs(...), $steers)),
        ];
    }

    private function ackermann(?float $left, ?float $right, ?float $wheelbase, float $track): ?float
    {
        if ($left === null || $right === null || $wheelbase === null || $left * $right <= 0.0 || min(abs($left), abs($right)) < 1.0) {
            return null;
        }
        [$inner, $outer] = $right > 0.0 ? [$right, $left] : [-$left, -$right];
        $ideal = rad2deg(atan2(1.0, 1 / tan(deg2rad($inner)) + $track / $wheelbase));

        return 100 * ($inner - $outer) / ($inner - $ideal);
    }

    /**
     * @param  list<float>  $bumps
     * @return ?array{raise: float, worst: float}
     */
    private function least(SteeredUpright $upright, Vector3 $inner, array $bumps): ?array
    {
        $best = null;
        for ($i = -self::TRIED; $i <= self::TRIED; $i++) {
            $raise = $i * self::STEP_MM;
            $steers = array_map(fn (float $rise): ?float => $upright->overBump($inner->plus(Vector3::of(0.0, 0.0, $raise)), $rise), $bumps);
            if (in_array(null, $steers, true)) {
                continue;
            }
            $worst = max([0.0, ...array_map(fn (?float $steer): float => abs((float) $steer), $steers)]);
            $key = [round($worst, 6), abs($raise), $raise];
            $best = $best === null || $key < $best[0] ? [$key, ['raise' => $raise, 'worst' => $worst]] : $best;
        }

        return $best[1] ?? null;
    }
}
