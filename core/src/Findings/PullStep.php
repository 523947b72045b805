<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Words\Sentence;

/** One pull towards the chart, in its place in the order, with what to read when it is there; mm. */
final readonly class PullStep
{
    /**
     * @param  int  $order  from 1
     * @param  list<string>  $points  that have to come
     * @param  float  $amount  mm, never negative
     * @param  float  $expanded  half its 95 % interval (mm)
     * @param  string  $direction  in words
     * @param  list<PullPart>  $parts  what each of the points has to do
     * @param  list<PullCheck>  $checks  readings to watch
     */
    public function __construct(public int $order, public Pattern $pattern, public Section $section, public array $points, public float $amount, public float $expanded, public string $direction, public array $parts, public array $checks, public Sentence $text) {}
}
