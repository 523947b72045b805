<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\PlannedJob;
use Geodex\Core\Calculators\Plan\LoadBeside;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\Values;

/** What a load beside a rail twists it by, as it is and closed by a plate; between the places that hold it (mm). */
final readonly class BesideProps
{
    public function __construct(public float $from, public float $to, public ?BesideCaseProps $asIs, public ?BesideCaseProps $boxed, public ?string $trouble) {}

    public static function of(PlannedJob $job, Values $given): self
    {
        try {
            $told = LoadBeside::from($given)->on($job->plan->chassis ?? $job->core->chassis, $job->shop->value(FrameLoads::dynamicFactor()));
        } catch (CoreFailure $failure) {
            return new self(0.0, 0.0, null, null, $failure->getMessage());
        }

        return new self($told['from'], $told['to'], BesideCaseProps::from($told['asIs']), $told['boxed'] === null ? null : BesideCaseProps::from($told['boxed']), null);
    }
}
