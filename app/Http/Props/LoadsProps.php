<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\PlannedJob;
use Geodex\Core\Calculators\Plan\LoadBeside;
use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Chassis\Loads\LoadKind;
use Geodex\Core\Chassis\Loads\MovingLoad;
use Geodex\Core\Chassis\Loads\WinchPull;
use Geodex\Core\Failure\CoreFailure;

/** What the frame bears, before and after; N·m, MPa, kg, mm. */
final readonly class LoadsProps
{
    /**
     * @param  float  $factor  on stress, of this shop
     * @param  list<FieldProps>  $moving  what is asked about a mass that moves along
     * @param  list<FieldProps>  $winch  about the pull of a rope
     * @param  list<FieldProps>  $beside  about a load beside a rail
     */
    public function __construct(public ?LoadedProps $before, public ?LoadedProps $after, public float $factor, public bool $isPlanned, public bool $brakes, public array $moving, public array $winch, public array $beside, public ?TroubleProps $trouble) {}

    public static function from(PlannedJob $job): self
    {
        $factor = $job->shop->value(FrameLoads::dynamicFactor());
        $moving = array_map(FieldProps::from(...), MovingLoad::fields());
        $winch = array_map(FieldProps::from(...), WinchPull::fields());
        $beside = array_map(FieldProps::from(...), LoadBeside::fields());
        $isPlanned = $job->core->operations !== [];
        try {
            $before = self::loaded($job->core->chassis, $job);
            $after = $job->plan === null || ! $isPlanned ? null : self::loaded($job->plan->chassis, $job);
        } catch (CoreFailure $failure) {
            return new self(null, null, $factor, $isPlanned, false, $moving, $winch, $beside, TroubleProps::from($failure));
        }

        $brakes = array_filter($before->cases, fn (LoadCaseProps $case): bool => $case->kind === LoadKind::Braking->value) !== [];

        return new self($before, $after, $factor, $isPlanned, $brakes, $moving, $winch, $beside, $job->failure === null ? null : TroubleProps::from($job->failure));
    }

    private static function loaded(Chassis $chassis, PlannedJob $job): LoadedProps
    {
        return LoadedProps::from(new FrameLoads($chassis, $job->shop), $chassis);
    }
}
