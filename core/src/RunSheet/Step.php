<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

use Geodex\Core\Calculators\RunSheet\WorkStep;

/** One step of a job: what it is, what it needs, what may hurt at it, and what is measured before it counts as done. */
final readonly class Step
{
    /**
     * @param  string  $kind  that the rules know: survey, support, strip, cut, prepare, tack, check, weld, coat, close, release, final-survey, fit, or another
     * @param  string  $joint  that it belongs to; empty for the whole vehicle
     * @param  string  $state  how the vehicle stands for it; empty for any
     * @param  list<string>  $needs  ids of steps before it
     */
    public function __construct(public string $id, public string $title, public string $kind, public string $joint = '', public string $state = '', public float $minutes = 30.0, public array $needs = [], public ?Hold $hold = null, public bool $isOwn = false) {}

    public function work(): WorkStep
    {
        return new WorkStep($this->id, $this->kind, $this->joint, $this->state, $this->minutes, $this->needs, [], []);
    }
}
