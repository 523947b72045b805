<?php

declare(strict_types=1);

namespace Geodex\Core\Settings;

use Geodex\Core\Calculators\Bending\PressBrakeCalculator;
use Geodex\Core\Calculators\Plan\InsertCalculator;
use Geodex\Core\Calculators\Splice\SleeveMaking;
use Geodex\Core\Calculators\Splice\SpliceWork;
use Geodex\Core\Chassis\Loads\Braking;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Driveline\DrivelineLimits;
use Geodex\Core\Parts\RunningDimensions;
use Geodex\Core\Plan\Consequences;
use Geodex\Core\Plan\CutChecker;
use Geodex\Core\Plan\HoleChecker;
use Geodex\Core\Plan\JointShrinkage;
use Geodex\Core\Plan\Stand\SpreadGuide;
use Geodex\Core\Plan\Windows\AccessInside;
use Geodex\Core\Plan\Windows\CrossmemberClearance;
use Geodex\Core\Plan\Windows\HangerClearance;
use Geodex\Core\Plan\Windows\HoleClearance;
use Geodex\Core\Plan\Windows\ShaftClearance;
use Geodex\Core\Plan\Windows\StraightLength;
use Geodex\Core\Plan\Windows\WeldClearance;
use Geodex\Core\RunSheet\Heat\RailStrip;
use Geodex\Core\RunSheet\StandardSteps;
use Geodex\Core\RunSheet\Time\JobCost;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\ShopDefault;
use Geodex\Core\Survey\SurveyOptions;

/** All that a shop may set, from the classes that declare it where they use it. */
final readonly class ShopDefaults
{
    /** @var list<class-string<HasShopDefaults>> */
    private const DECLARING = [SurveyOptions::class, CutChecker::class, JointShrinkage::class, SpliceWork::class, SleeveMaking::class, SpreadGuide::class, HoleChecker::class, HangerClearance::class, CrossmemberClearance::class, StraightLength::class, WeldClearance::class, HoleClearance::class, AccessInside::class, ShaftClearance::class, InsertCalculator::class, FrameLoads::class, Braking::class, Consequences::class, DrivelineLimits::class, PressBrakeCalculator::class, RunningDimensions::class, StandardSteps::class, RailStrip::class, JobCost::class];

    /** @return array<string, ShopDefault> by name, in the order of the settings */
    public static function all(): array
    {
        $all = [];
        foreach (self::DECLARING as $class) {
            foreach ($class::shopDefaults() as $default) {
                $all[$default->name()] = $default;
            }
        }

        return $all;
    }
}
