<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Plan\CarriedChange;
use Geodex\Core\Plan\CutLength;
use Geodex\Core\Plan\PlannedFrame;
use Geodex\Core\Plan\WitnessReading;
use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Words\Sentence;

/** A planned frame as one open document; mm. A point inside a band that is cut out has no reference. */
final readonly class PlanDocument
{
    /** @return array<string, mixed> */
    public function of(PlannedFrame $plan): array
    {
        $target = [];
        foreach ($plan->target as $id => $place) {
            $target[] = ['id' => (string) $id, 'reference' => $place === null ? null : array_map(fn (float $mm): float => round($mm, 4), $place->toArray())];
        }

        return [
            'wheelbase' => ['before' => $plan->wheelbaseBefore, 'after' => $plan->wheelbaseAfter],
            'target' => $target,
            'carried' => array_map(fn (CarriedChange $change): array => get_object_vars($change), $plan->carried),
            'witness' => array_map(fn (WitnessReading $reading): array => get_object_vars($reading), $plan->witness),
            'cuts' => array_map(fn (CutLength $cut): array => [...get_object_vars($cut), 'terms' => array_map(fn (array $term): array => ['name' => $term[0], 'value' => $term[1]], $cut->terms)], $plan->cuts),
            'warnings' => array_map(fn (Sentence $warning): string => $warning->in(LengthUnit::Millimetre), $plan->warnings),
        ];
    }
}
