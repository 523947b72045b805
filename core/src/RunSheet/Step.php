<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

use Geodex\Core\Calculators\RunSheet\WorkStep;
use Geodex\Core\RunSheet\Holds\Hold;

/** One step of a job: what it is, what it needs, what may hurt at it, and what is measured before it counts as done. */
final readonly class Step
{
    /**
     * @param  string  $kind  that the rules know: survey, support, strip, cut, prepare, tack, check, weld, coat, close, release, final-survey, fit, or another
     * @param  string  $joint  that it belongs to; empty for the whole vehicle
     * @param  string  $state  how the vehicle stands for it; empty for any
     * @param  list<string>  $needs  ids of steps before it
     * @param  list<string>  $inside  zones that it has to reach
     * @param  list<string>  $closes  zones that nobody reaches after it
     */
    public function __construct(public string $id, public string $title, public string $kind, public string $joint = '', public string $state = '', public float $minutes = 30.0, public array $needs = [], public ?Hold $hold = null, public bool $isOwn = false, public array $inside = [], public array $closes = []) {}

    /** @param  list<string>  $steps  ids that come before it too */
    public function after(array $steps): self
    {
        return new self($this->id, $this->title, $this->kind, $this->joint, $this->state, $this->minutes, [...$this->needs, ...$steps], $this->hold, $this->isOwn, $this->inside, $this->closes);
    }

    public function taking(float $minutes): self
    {
        return new self($this->id, $this->title, $this->kind, $this->joint, $this->state, $minutes, $this->needs, $this->hold, $this->isOwn, $this->inside, $this->closes);
    }

    /**
     * @param  array<string, true>  $known  ids of the sheet: one that needs a step that is gone from the plan waits for nothing
     * @param  list<string>  $more  ids that a person put before it
     */
    public function work(array $known, array $more): WorkStep
    {
        $needs = array_values(array_filter([...$this->needs, ...$more], fn (string $id): bool => isset($known[$id]) && $id !== $this->id));

        return new WorkStep($this->id, $this->kind, $this->joint, $this->state, $this->minutes, array_values(array_unique($needs)), $this->inside, $this->closes);
    }
}
