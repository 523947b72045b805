<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Bending\ArchCalculator;
use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\RunSheet\ConsumablesCalculator;
use Geodex\Core\Calculators\RunSheet\DutyCalculator;
use Geodex\Core\Calculators\RunSheet\FitForecastCalculator;
use Geodex\Core\Calculators\RunSheet\PreheatCalculator;
use Geodex\Core\Calculators\RunSheet\TorqueCalculator;

/** The pages of sheets below the stages Running gear and Run sheet, each with what is worked out on it. */
enum GearPage: string
{
    case Shafts = 'shafts';
    case RunOut = 'run-out';
    case Axles = 'axles';
    case Links = 'links';
    case Steering = 'steering';
    case Mounts = 'mounts';
    case Weights = 'weights';
    case Clearance = 'clearance';
    case Welding = 'welding';
    case Fasteners = 'fasteners';

    public function label(): string
    {
        return match ($this) {
            self::Shafts => 'Shafts',
            self::RunOut => 'Run-out',
            self::Axles => 'Axles',
            self::Links => 'Links',
            self::Steering => 'Steering',
            self::Mounts => 'Mounts',
            self::Weights => 'Springs and weights',
            self::Clearance => 'Clearance',
            self::Welding => 'Heat and filler',
            self::Fasteners => 'Fasteners',
        };
    }

    /** @return non-empty-list<class-string<Calculator>> */
    public function tools(): array
    {
        return match ($this) {
            self::Shafts => [MeasuredShaftCalculator::class, TrainCalculator::class, CentreBearingCalculator::class, ShaftCutCalculator::class, CriticalSpeedCalculator::class],
            self::RunOut => [RunOutCalculator::class],
            self::Axles => [AxleSquareCalculator::class, HalfShaftCalculator::class],
            self::Links => [LinkageCalculator::class, LinkCutCalculator::class, TrackBarCalculator::class],
            self::Steering => [SteeringAxisCalculator::class, RackCalculator::class, SteeringShaftCalculator::class, TurningCalculator::class],
            self::Mounts => [HolePatternCalculator::class, ArchCalculator::class, RemovalPathCalculator::class, TankMoveCalculator::class],
            self::Weights => [SpringingCalculator::class, RollBarCalculator::class, WeightsCalculator::class],
            self::Clearance => [ClearanceCalculator::class],
            self::Welding => [PreheatCalculator::class, DutyCalculator::class, ConsumablesCalculator::class],
            self::Fasteners => [TorqueCalculator::class, FitForecastCalculator::class],
        };
    }

    public function isOfRunSheet(): bool
    {
        return in_array($this, [self::Welding, self::Fasteners], true);
    }

    /** The page that a tool is worked on; null where it is no tool of a job. */
    public static function of(string $tool): ?self
    {
        foreach (self::cases() as $page) {
            foreach ($page->tools() as $class) {
                if ($class::name() === $tool) {
                    return $page;
                }
            }
        }

        return null;
    }
}
