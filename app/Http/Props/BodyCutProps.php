<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\PlannedJob;
use Geodex\Core\Calculators\Mounts\BodyCut;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** A body that is cut with its frame; mm. */
final readonly class BodyCutProps
{
    /**
     * @param  list<BodyMountProps>  $mounts
     * @param  ?float  $from  station that it is cut behind so that all mounts meet; null where none is ahead
     * @param  bool  $canMeet  whether one cut brings all of them together
     */
    public function __construct(public float $by, public array $mounts, public ?float $from, public ?float $to, public bool $canMeet, public ?string $trouble) {}

    /** @throws InvalidFields */
    public static function of(PlannedJob $job, Values $given): self
    {
        if ($job->plan === null) {
            return new self(0.0, [], null, null, false, $job->failure?->getMessage());
        }
        $told = BodyCut::of($job->plan, $given);
        [$from, $to] = $told->between ?? [-INF, INF];

        return new self(
            $told->by, array_map(fn (array $one): BodyMountProps => new BodyMountProps($one['mount'], $one['station'], $one['off'], $one['meets']), $told->mounts),
            is_finite($from) ? $from : null, is_finite($to) ? $to : null, $told->between !== null, null,
        );
    }
}
