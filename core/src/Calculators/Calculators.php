<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators;

use Geodex\Core\Calculators\Plan\BeamCalculator;
use Geodex\Core\Calculators\Plan\BodyMountsCalculator;
use Geodex\Core\Calculators\Plan\BracketFitCalculator;
use Geodex\Core\Calculators\Plan\BreakoverCalculator;
use Geodex\Core\Calculators\Plan\FastenersCalculator;
use Geodex\Core\Calculators\Plan\InsertCalculator;
use Geodex\Core\Calculators\Plan\KickCalculator;
use Geodex\Core\Calculators\Plan\PostsCalculator;
use Geodex\Core\Calculators\Plan\SectionCalculator;
use Geodex\Core\Calculators\Plan\SlopeCalculator;
use Geodex\Core\Calculators\Plan\SpliceCalculator;
use Geodex\Core\Calculators\Plan\SpreadCalculator;
use Geodex\Core\Calculators\Plan\TorsionCalculator;
use Geodex\Core\Fields\FieldReader;

/** The one place where calculators are registered. */
final readonly class Calculators
{
    /** @var array<string, list<class-string<Calculator>>> by what they are for */
    private const ALL = [
        'At the bench' => [SquareCheckCalculator::class, SupportTwistCalculator::class, HeatInputCalculator::class],
        'Plan' => [
            InsertCalculator::class, SectionCalculator::class, BeamCalculator::class, TorsionCalculator::class, KickCalculator::class, SlopeCalculator::class, BreakoverCalculator::class, PostsCalculator::class,
            FastenersCalculator::class, SpliceCalculator::class, BracketFitCalculator::class, BodyMountsCalculator::class, SpreadCalculator::class,
        ],
        'Running gear' => [
            RunningGear\MeasuredShaftCalculator::class,
            RunningGear\TrainCalculator::class,
            RunningGear\CentreBearingCalculator::class,
            RunningGear\ShaftCutCalculator::class,
            RunningGear\CriticalSpeedCalculator::class,
            RunningGear\RunOutCalculator::class,
            RunningGear\AxleSquareCalculator::class,
            RunningGear\LinkageCalculator::class,
            RunningGear\LinkCutCalculator::class,
            RunningGear\TrackBarCalculator::class,
            RunningGear\SteeringAxisCalculator::class,
            RunningGear\RackCalculator::class,
            RunningGear\SteeringShaftCalculator::class,
            RunningGear\TurningCalculator::class,
            RunningGear\HalfShaftCalculator::class,
            RunningGear\RollBarCalculator::class,
            RunningGear\SpringingCalculator::class,
            RunningGear\WeightsCalculator::class,
            RunningGear\HolePatternCalculator::class,
            RunningGear\RemovalPathCalculator::class,
            RunningGear\TankMoveCalculator::class,
            RunningGear\ClearanceCalculator::class,
        ],
        'Bent and mitred' => [Tubes\MitreCalculator::class, Tubes\CopeCalculator::class, Tubes\ClockCalculator::class, Tubes\BracesCalculator::class, Bending\ArchCalculator::class, Bending\TubeBendCalculator::class, Bending\PressBrakeCalculator::class],
        'Marked and cut' => [Marking\PlugsCalculator::class, Marking\TwoTapeCalculator::class, Marking\GaugeLengthCalculator::class, Marking\CutListCalculator::class, Plates\NestCalculator::class, Plates\PhotoContourCalculator::class, Plates\OffsetContourCalculator::class, Plates\StationContourCalculator::class, Plates\PlateSectionsCalculator::class, Plates\PieceCalculator::class],
        'Weld and hold' => [RunSheet\OrderCalculator::class, RunSheet\WeldSequenceCalculator::class, RunSheet\DistortionCalculator::class, RunSheet\InterpassCalculator::class, RunSheet\HoldPointCalculator::class, RunSheet\ShrinkageBookCalculator::class, RunSheet\DutyCalculator::class, RunSheet\PreheatCalculator::class, RunSheet\ConsumablesCalculator::class, RunSheet\TorqueCalculator::class, RunSheet\FitForecastCalculator::class],
    ];

    /** @return list<class-string<Calculator>> */
    public static function all(): array
    {
        return array_merge(...array_values(self::ALL));
    }

    /**
     * What it is for, as the list of tools is parted.
     *
     * @param  class-string<Calculator>  $class
     */
    public static function group(string $class): string
    {
        foreach (self::ALL as $group => $classes) {
            if (in_array($class, $classes, true)) {
                return $group;
            }
        }

        return '';
    }

    /** @throws UnknownCalculator */
    public static function named(string $name): Calculator
    {
        foreach (self::all() as $class) {
            if ($class::name() === $name) {
                return new $class;
            }
        }
        throw UnknownCalculator::named($name, array_map(fn (string $class): string => $class::name(), self::all()));
    }

    /**
     * Reads and calculates.
     *
     * @return array<string, mixed>
     */
    public static function run(string $name, mixed $given, FieldReader $reader = new FieldReader): array
    {
        $calculator = self::named($name);

        return array_map(self::unsigned(...), $calculator->calculate($reader->read($calculator::fields(), $given)));
    }

    /** Zero has no sign in a document. */
    private static function unsigned(mixed $value): mixed
    {
        return match (true) {
            is_array($value) => array_map(self::unsigned(...), $value),
            $value === 0.0 => 0.0,
            default => $value,
        };
    }
}
