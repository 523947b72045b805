<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Frame\Point;
use Geodex\Core\Survey\PointResult;
use Geodex\Core\Survey\Reason;

/** A point of the frame: where the chart wants it, where it is, how sure that is; mm along x, y, z. */
final readonly class PointProps
{
    /**
     * @param  'left'|'right'|'centre'  $side
     * @param  ?list<float>  $chart
     * @param  list<float>  $tolerance
     * @param  ?list<float>  $measured
     * @param  ?list<float>  $deviation
     * @param  ?list<float>  $expanded  half the 95 % interval
     * @param  ?list<bool>  $determined
     * @param  list<'in'|'out'|'unsure'|'unmeasured'>  $axes
     * @param  'in'|'out'|'unsure'|'unmeasured'  $verdict
     * @param  ?int  $decidingAxis  the one that the verdict rests on
     * @param  list<?string>  $reasons  why a coordinate is undecided
     * @param  ?string  $reason  the gravest of them
     * @param  list<list<?float>>  $hull  least and most of each deviation that all explanations leave, null for without end
     * @param  'carries'|'doubtful'|'left-out'|'no'  $datum  whether it carries the datum
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $side,
        public ?string $mate,
        public bool $base,
        public string $feature,
        public ?array $chart,
        public array $tolerance,
        public ?array $measured,
        public ?array $deviation,
        public ?array $expanded,
        public ?array $determined,
        public array $axes,
        public string $verdict,
        public ?int $decidingAxis,
        public array $reasons = [],
        public ?string $reason = null,
        public array $hull = [],
        public string $datum = 'no',
    ) {}

    /** @param  'carries'|'doubtful'|'left-out'|'no'  $datum */
    public static function from(Point $point, ?PointResult $result, string $datum = 'no'): self
    {
        $feature = $point->feature === null ? '' : $point->feature->kind->value.($point->feature->diameter === null ? '' : ' ⌀ '.round($point->feature->diameter->mm, 2).' mm');

        return new self(
            id: $point->id, name: $point->name, side: $point->side->value, mate: $point->mate, base: $point->base, feature: $feature,
            chart: $point->reference?->toArray(), tolerance: $point->tolerance->mm,
            measured: $result?->measured?->toArray(), deviation: $result?->deviation?->toArray(), expanded: $result?->expanded?->toArray(),
            determined: $result?->determined, axes: array_map(fn ($verdict): string => $verdict->value, $result->axes ?? []), verdict: $result->verdict->value ?? 'unmeasured', decidingAxis: $result?->decidingAxis($point->tolerance->mm),
            reasons: array_map(fn (?Reason $reason): ?string => $reason?->value, $result->reasons ?? []), reason: $result?->reason()?->value,
            hull: array_map(fn (array $hull): array => array_map(fn (float $mm): ?float => is_finite($mm) ? $mm : null, $hull), $result->hull ?? []), datum: $datum,
        );
    }
}
