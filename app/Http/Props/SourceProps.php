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

        return new self($source->code, $source->name, $source->kind, count($source->points), $source->remarks, $source->in_force, $sigmas === [] ? null : 1.96 * max($sigmas));
    }
}
