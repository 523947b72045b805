<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\PlannedJob;
use Geodex\Core\Calculators\Mounts\MountBolts;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** What the bolts of a mount bear; kg and N. */
final readonly class BoltedProps
{
    public function __construct(public float $mass, public float $shear, public float $pull, public float $used, public float $allowedShear, public float $allowedPull) {}

    /** @throws InvalidFields */
    public static function of(PlannedJob $job, Values $given): self
    {
        $told = MountBolts::of($job->plan->chassis ?? $job->core->chassis, $given);

        return new self($told->mass, $told->worstShear, $told->worstPull, $told->used, $told->allowedShear, $told->allowedPull);
    }
}
