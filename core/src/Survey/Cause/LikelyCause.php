<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Cause;

use Geodex\Core\Words\Sentence;

/** What may have gone wrong with a suspect reading, and what it would have done to the value. */
final readonly class LikelyCause
{
    /**
     * @param  float  $error  read less true, if this was it (mm or degrees)
     * @param  Sentence  $text  for the person at the frame
     * @param  list<string>  $points  the points it would have been read between, for another point
     */
    public function __construct(public CauseKind $kind, public float $error, public Sentence $text, public array $points = []) {}

    /** The same mistake in two readings of one thing. */
    public function madeTwice(): self
    {
        return new self($this->kind, $this->error, Sentence::together($this->text, Sentence::of('cause.twice', 'Both readings of it have the same mistake.')), $this->points);
    }
}
