<?php

declare(strict_types=1);

namespace Geodex\Core\Settings;

use Geodex\Core\Bench\LevelPlanner;
use Geodex\Core\Bench\SquarePlanner;
use Geodex\Core\Bench\VehicleSetter;
use Geodex\Core\Calculators\Splice\SpliceComparer;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Chassis\Loads\FrameTwist;
use Geodex\Core\Chassis\RailSection;
use Geodex\Core\Driveline\CriticalSpeed;
use Geodex\Core\Driveline\JointAngles;
use Geodex\Core\Driveline\ShaftCalculator;
use Geodex\Core\Findings\PullPlanner;
use Geodex\Core\Plan\CutLength;
use Geodex\Core\Plan\FrameDraft;
use Geodex\Core\Plan\MeasuredEnds;
use Geodex\Core\Plan\Windows\CutWindows;
use Geodex\Core\Plan\WitnessReading;
use Geodex\Core\Reference\Movement\MovementFinder;
use Geodex\Core\Survey\Datum\BaseTester;
use Geodex\Core\Survey\Explanation\ExplanationFinder;
use Geodex\Core\Survey\Forecaster;
use Geodex\Core\Survey\NextReadingAdviser;
use Geodex\Core\Survey\PointJudge;
use Geodex\Core\Survey\ReadingJudge;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/** Where every number that is shown comes from, as the classes that compute it say. */
final readonly class Provenances
{
    /** @var list<class-string<HasProvenance>> */
    private const DECLARING = [
        SurveyComputer::class, PointJudge::class, ReadingJudge::class, ExplanationFinder::class, BaseTester::class, NextReadingAdviser::class, Forecaster::class, FrameDraft::class, RailSection::class, FrameLoads::class, FrameTwist::class, MeasuredEnds::class, CutWindows::class, SpliceComparer::class, WitnessReading::class, CutLength::class, ShaftCalculator::class, JointAngles::class, CriticalSpeed::class, PullPlanner::class, MovementFinder::class, LevelPlanner::class, SquarePlanner::class, VehicleSetter::class,
    ];

    /** @return array<string, Provenance> by name */
    public static function all(): array
    {
        $all = [];
        foreach (self::DECLARING as $class) {
            foreach ($class::provenance() as $one) {
                $all[$one->name] = $one;
            }
        }

        return $all;
    }
}
