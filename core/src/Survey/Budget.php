<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

/**
 * Processor time that a computation may take. Readings that contradict each other can lead an adjustment round for minutes, and
 * nobody else in the shop is served meanwhile. Processor time first and the clock only far beyond it: how busy the machine is must not
 * change an answer, but must not hold a worker either.
 */
final readonly class Budget
{
    private const CLOCK = 1.3;

    private function __construct(private float $until, private float $clock) {}

    /** @param  float  $seconds  from now on */
    public static function of(float $seconds): self
    {
        return new self(self::used() + $seconds, microtime(true) + self::CLOCK * $seconds);
    }

    public function isSpent(): bool
    {
        return self::used() > $this->until || microtime(true) > $this->clock;
    }

    /** Processor seconds of this process so far. */
    private static function used(): float
    {
        /** @var array<string, int> $usage */
        $usage = getrusage();

        return $usage['ru_utime.tv_sec'] + $usage['ru_stime.tv_sec'] + ($usage['ru_utime.tv_usec'] + $usage['ru_stime.tv_usec']) / 1e6;
    }
}
