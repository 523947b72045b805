<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** The circle that a vehicle turns in, and the angles that its steering makes for it. */
final readonly class TurningCalculator implements Calculator
{
    private const STEPS = 3000;

    /** Degrees. */
    private const MOST = 75.0;

    public static function name(): string
    {
        return 'turning';
    }

    public static function title(): string
    {
        return 'Turning circle';
    }

    public static function purpose(): string
    {
        return 'How large a circle a vehicle turns in after its wheelbase changed, and how far the outer wheel is off the angle that rolls. No slip of the tyres; one rear axle, of two their middle.';
    }

    public static function source(): string
    {
        return 'Gillespie, Fundamentals of Vehicle Dynamics, chapter 8.';
    }

    public static function fields(): array
    {
        return [
            Field::length('kingpinTrack', 'Between the kingpins, at the ground')->positive(),
            Field::number('innerAngle', 'Lock of the inner wheel', '°')->between(1.0, 70.0),
            Field::length('overhang', 'Kingpin to the outermost point', 'Of tyre or kerb point, outward.')->between(0.0, null)->defaults(0.0),
            Field::lengths('wheelbases', 'Wheelbases', 1, 20)->positive(),
            Field::group('trapezoid', 'Steering arms', [Field::length('arm', 'Arm')->positive(), Field::length('aim', 'aimed so far behind the axle')->positive()->optional(), Field::number('armAngle', 'or turned inward by', '°')->between(-60.0, 60.0)->optional(), Field::truth('ahead', 'Tie rod ahead of the axle')->defaults(false)])->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::number('outerAngle', 'Outer wheel', '°'),
            Result::table('wheelbases', 'Wheelbases', [Result::length('wheelbase', 'wheelbase'), Result::length('radius', 'radius'), Result::length('circle', 'circle'), Result::number('idealOuter', 'outer wheel that rolls', '°'), Result::number('error', 'off by', '°'), Result::number('ackermann', 'Ackermann', '%'), Result::length('radiusByOuter', 'radius by the outer wheel')]),
        ];
    }

    public function calculate(Values $given): array
    {
        [$track, $inner, $overhang] = [$given->number('kingpinTrack'), deg2rad($given->number('innerAngle')), $given->number('overhang')];
        $trapezoid = $given->group('trapezoid');
        $outer = $trapezoid === null ? null : $this->outer($trapezoid, $track, $inner);

        return ['outerAngle' => $outer === null ? null : rad2deg($outer), 'wheelbases' => array_map(function (float $wheelbase) use ($track, $inner, $overhang, $outer): array {
            $ideal = atan(1 / (1 / tan($inner) + $track / $wheelbase));
            $radius = hypot($wheelbase / tan($inner) + $track, $wheelbase) + $overhang;

            return [
                'wheelbase' => $wheelbase, 'idealOuter' => rad2deg($ideal), 'radius' => $radius, 'circle' => 2 * $radius, 'error' => $outer === null ? null : rad2deg($outer - $ideal),
                'ackermann' => $outer === null ? null : 100 * ($inner - $outer) / ($inner - $ideal), 'radiusByOuter' => $outer === null ? null : $wheelbase / sin($outer) + $overhang,
            ];
        }, $given->numbers('wheelbases'))];
    }

    /** The first outer angle at which the tie rod keeps its length. */
    private function outer(Values $given, float $track, float $inner): float
    {
        if ($given->has('aim') === $given->has('armAngle')) {
            throw InvalidFields::at('trapezoid.aim', 'say where the arms aim, or how far they are turned; not both, and not neither.');
        }
        [$arm, $side] = [$given->number('arm'), $given->truth('ahead') ? -1 : 1];
        $lean = $given->has('aim') ? atan2($track / 2, $given->number('aim')) : deg2rad($given->number('armAngle'));
        // Ends of the arms in plan, x rearward and y right, with each wheel turned to the right by an angle.
        $end = function (int $of, float $turned) use ($arm, $side, $lean, $track): array {
            [$x, $y] = [$side * $arm * cos($lean), -$of * $side * $arm * sin($lean)];

            return [$x * cos($turned) + $y * sin($turned) * 1.0, $of * $track / 2 + $y * cos($turned) - $x * sin($turned)];
        };
        $apart = fn (float $left, float $right): float => hypot($end(1, $right)[0] - $end(-1, $left)[0], $end(1, $right)[1] - $end(-1, $left)[1]);
        $rod = abs($end(1, 0.0)[1] - $end(-1, 0.0)[1]);
        if ($end(1, 0.0)[1] - $end(-1, 0.0)[1] <= 0.0) {
            throw InvalidFields::at('trapezoid', 'no tie rod is left between the arms.');
        }
        $off = fn (float $left): float => $apart($left, $inner) - $rod;
        $before = $off(0.0);
        for ($i = 1; $i <= self::STEPS; $i++) {
            $angle = deg2rad(self::MOST * $i / self::STEPS);
            $now = $off($angle);
            if ($before === 0.0 || $before * $now <= 0.0) {
                return $this->between($off, deg2rad(self::MOST * ($i - 1) / self::STEPS), $angle);
            }
            $before = $now;
        }
        throw InvalidFields::at('innerAngle', 'these arms do not reach that lock.');
    }

    /** @param  \Closure(float): float  $off */
    private function between(\Closure $off, float $low, float $high): float
    {
        for ($i = 0; $i < 80; $i++) {
            $middle = ($low + $high) / 2;
            $off($low) * $off($middle) <= 0.0 ? $high = $middle : $low = $middle;
        }

        return ($low + $high) / 2;
    }
}
