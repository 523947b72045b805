<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Chassis\Rail;
use Geodex\Core\Words\Sentence;

/** What plating and boxing have in common: a length of rail that gets another section, and is as the steel allows. */
trait PutsOnRail
{
    /** @throws \Geodex\Core\Fields\InvalidFields if the rail does not take it */
    abstract private function onto(Rail $rail): Rail;

    public function id(): string
    {
        return $this->id;
    }

    public function station(): float
    {
        return -INF;
    }

    public function apply(FrameDraft $draft): FrameDraft
    {
        if ($this->to <= $this->from) {
            throw InvalidPlan::noRail($this->id, $this->from, $this->to);
        }
        $changed = $draft->chassis->changed($this->side, $this->from, $this->to, $this->onto(...)) ?? throw InvalidPlan::noRail($this->id, $this->from, $this->to);

        return $draft->withChassis($changed);
    }

    public function checks(FrameDraft $draft): array
    {
        $checks = [];
        foreach ($this->side->sides() as $side) {
            $rail = $draft->before->rail($side, ($this->from + $this->to) / 2);
            if ($rail !== null && $rail->steel->refusesHeat()) {
                $checks[] = Sentence::of('plan.heat-treated', '{operation}: the {side} rail is heat-treated; it takes no weld. Bolted only, as its maker describes.', operation: $this->id, side: $side->value);
            }
        }

        return [...$checks, ...$this->ends($draft)];
    }

    /**
     * Where the section jumps, the trouble begins.
     *
     * @return list<Sentence>
     */
    private function ends(FrameDraft $draft): array
    {
        $side = $this->side->sides()[0];
        $checks = [];
        foreach (['front' => [$this->from, $this->from - 1.0], 'rear' => [$this->to, $this->to + 1.0]] as $end => [$at, $beyond]) {
            [$inside, $outside] = [$draft->chassis->section($side, ($this->from + $this->to) / 2), $draft->chassis->section($side, $beyond)];
            if ($inside !== null && $outside !== null) {
                $step = $inside->properties->inertiaY / $outside->properties->inertiaY - 1;
                if ($step > 0.02) {
                    $checks[] = Sentence::of('plan.step', '{operation}: at its {end} end the rail gets weaker by a step of {step} % in stiffness; taper the end, and keep it away from hangers, holes and other ends.', operation: $this->id, end: $end, step: sprintf('%.0f', 100 * $step));
                }
            }
        }

        return $checks;
    }
}
