<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Chassis\FixtureKind;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** What a careful technician would say about the place of something new on a rail: off it, on something else, on steel that refuses it. */
final readonly class PlaceChecker
{
    public function __construct(private FrameDraft $draft) {}

    /** @return list<Sentence> */
    public function of(string $operation, Fixture $new): array
    {
        $checks = [];
        foreach ($new->side->sides() as $side) {
            $rail = $this->draft->chassis->rail($side, $new->station);
            if ($rail === null && ! $this->draft->chassis->isEmpty()) {
                $checks[] = Sentence::of('plan.off-rail', '{operation}: at {station} there is no {side} rail for {what}.', operation: $operation, station: Measure::given($new->station), side: $side->value, what: $new->called());
            }
            if ($rail !== null && $rail->steel->refusesHeat() && $new->kind === FixtureKind::Weld) {
                $checks[] = Sentence::of('plan.weld-refused', '{operation}: the {side} rail is heat-treated; no weld on it.', operation: $operation, side: $side->value);
            }
            if ($rail !== null && $rail->steel->refusesHeat() && $new->kind->isOpening() && $new->face !== 'web') {
                $checks[] = Sentence::of('plan.flange-hole-refused', '{operation}: the {side} rail is heat-treated; no hole in its flange.', operation: $operation, side: $side->value);
            }
        }
        if ($this->draft->shifts->takesOut($new->station)) {
            $checks[] = Sentence::of('plan.on-waste', '{operation}: {what} stands on rail that is cut out.', operation: $operation, what: $new->called());
        }
        foreach ($this->draft->chassis->fixtures as $other) {
            if ($other->id() !== $new->id() && $other->side->meets($new->side) && min($other->rear(), $new->rear()) - max($other->front(), $new->front()) > 0.0 && ! ($this->isSmall($other) && $this->isSmall($new))) {
                $checks[] = Sentence::of('plan.meets', '{operation}: {what} and {other} are in each other\'s place by {by}.', operation: $operation, what: $new->called(), other: $other->called(), by: Measure::computed(min($other->rear(), $new->rear()) - max($other->front(), $new->front())));
            }
        }

        return [...$checks, ...(new HoleChecker($this->draft->chassis, $this->draft->shop))->of($operation, $new)];
    }

    /** Two holes of one pattern may stand above each other. */
    private function isSmall(Fixture $one): bool
    {
        return $one->kind->isOpening();
    }
}
