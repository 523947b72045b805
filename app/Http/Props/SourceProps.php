<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\ReferenceSource;

/** A reference that the frame can be held against. */
final readonly class SourceProps
{
    /**
     * @param  'chart'|'lengths'|'sister'|'survey'  $kind
     * @param  list<string>  $remarks
     * @param  ?float  $unsure  largest half of a 95 % interval of its places (mm), null for a printed chart
     */
    public function __construct(public string $code, public string $name, public string $kind, public int $points, public array $remarks, public bool $inForce, public ?float $unsure) {}

    public static function from(ReferenceSource $source): self
    {
        $sigmas = array_merge(...array_map(fn (array $point): array => $point['sigma'] ?? [], $source->points));

        return new self(
            code: $source->code,
            name: $source->name,
            kind: $source->kind,
            points: count($source->points),
            remarks: $source->remarks,
            inForce: $source->in_force,
            unsure: $sigmas === [] ? null : 1.96 * max($sigmas),
        );
    }
}
