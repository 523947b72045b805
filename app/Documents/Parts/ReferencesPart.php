<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Documents\SourcePoints;
use App\Models\Job;
use App\Models\ReferenceSource;

/** The references that the frame can be held against, besides the one in force, which stands in the points. */
final readonly class ReferencesPart implements JobPart
{
    public function layOut(Job $job, Layout $as): array
    {
        return ['references' => $as->asTyped ? $job->sources->map(fn (ReferenceSource $source): array => $this->source($source, $as))->values()->all() : []];
    }

    public function import(Job $stored, Import $from): void
    {
        foreach ($from->job->sources as $source) {
            $stored->sources()->create([
                'code' => $source->id, 'name' => $source->name, 'kind' => $source->kind->value, 'remarks' => [],
                'points' => SourcePoints::of($source->places, $source->sigmas), 'covariance' => SourcePoints::covariance($source->covariance),
            ]);
        }
    }

    /** @return array<string, mixed> */
    private function source(ReferenceSource $source, Layout $as): array
    {
        $vector = fn (array $mm): array => array_map(fn (mixed $one): float|string|null => $as->length(is_numeric($one) ? (float) $one : null), $mm);

        return ['id' => $source->code, 'name' => $source->name, 'kind' => $source->kind, 'points' => array_map(fn (array $point): array => array_filter([
            'id' => $point['id'],
            'at' => $vector($point['at']),
            'sigma' => isset($point['sigma']) ? $vector($point['sigma']) : null,
        ], fn (mixed $part): bool => $part !== null), $source->points), ...($source->covariance === null ? [] : ['covariance' => $source->covariance])];
    }
}
