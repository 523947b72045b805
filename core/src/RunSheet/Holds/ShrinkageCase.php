<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Holds;

/** What one cut of the shop really drew in; mm. */
final readonly class ShrinkageCase
{
    /**
     * @param  string  $kind  of joint
     * @param  ?float  $planned  what the witness marks were to read at the end
     * @param  bool  $isRecorded  whether heat and support stand in the log with it: only then it is learnt from
     */
    public function __construct(public string $job, public string $kind, public ?float $planned, public float $tacked, public ?float $root, public float $cold, public bool $isRecorded) {}

    public function drewIn(): float
    {
        return $this->tacked - $this->cold;
    }
}
