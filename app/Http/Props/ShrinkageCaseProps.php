<?php

declare(strict_types=1);

namespace App\Http\Props;

/** What one cut of the shop really drew in; mm. */
final readonly class ShrinkageCaseProps
{
    /** @param  bool  $isRecorded  whether heat and support stand in the log with it */
    public function __construct(public string $job, public string $kind, public ?float $planned, public float $tacked, public ?float $root, public float $cold, public float $drewIn, public bool $isRecorded) {}
}
