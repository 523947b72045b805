<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Reference\SourceComparison;
use Geodex\Core\Reference\SourceRegion;
use Geodex\Core\Words\Sentence;

/** Two sources held against each other; mm. */
final readonly class ComparisonProps
{
    /**
     * @param  list<SourceRegionProps>  $regions
     * @param  list<DifferenceProps>  $differences
     * @param  list<string>  $only
     */
    public function __construct(public string $first, public string $second, public array $regions, public array $differences, public array $only, public Sentence $text) {}

    public static function from(string $first, string $second, SourceComparison $comparison): self
    {
        $differences = [];
        foreach ($comparison->differences as $id => $off) {
            $differences[] = new DifferenceProps((string) $id, $off->toArray());
        }

        return new self(
            first: $first, second: $second,
            regions: array_map(fn (SourceRegion $region): SourceRegionProps => new SourceRegionProps(
                from: $region->from,
                to: $region->to,
                points: $region->points,
                worst: $region->worst,
                side: $region->side->value,
            ), $comparison->regions),
            differences: $differences, only: $comparison->only, text: $comparison->text,
        );
    }
}
