<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

/** One pull towards the chart, in its place in the order, with what to read when it is there; mm. */
final readonly class PullStep
{
    /**
     * @param  int  $order  from 1
     * @param  list<string>  $points  that have to come
     * @param  float  $amount  mm, never negative
     * @param  float  $expanded  half its 95 % interval (mm)
     * @param  string  $direction  "rearward", "to the left", "up, and the right side down" …
     * @param  list<array{kind: 'tram'|'rise', call: string, now: float, target: float}>  $checks  readings to watch: what they read now, and at the target (mm)
     */
    public function __construct(public int $order, public Pattern $pattern, public Section $section, public array $points, public float $amount, public float $expanded, public string $direction, public array $checks, public string $text) {}
}
