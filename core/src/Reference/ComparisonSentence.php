<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** Says where two sources differ, and whom the readings side with. */
final readonly class ComparisonSentence
{
    /**
     * @param  list<SourceRegion>  $regions
     * @param  array{string, string}  $names
     */
    public function say(array $regions, array $names, bool $hasReadings): Sentence
    {
        if ($regions === [] || array_filter($regions, fn (SourceRegion $region): bool => $region->side !== SidesWith::Both) === []) {
            return Sentence::of('sources.agree', '{first} and {second} agree everywhere within {allowed}.', first: $names[0], second: $names[1], allowed: Measure::given(SourceComparer::AGREE_MM));
        }
        $parts = array_map(fn (SourceRegion $region, int $i): Sentence => $this->part($region, $names, $hasReadings, $i === 0), $regions, array_keys($regions));

        return Sentence::of('sources.differ', '{regions}.', regions: Sentence::joined('sources.differ', '; ', $parts));
    }

    /** @param  array{string, string}  $names */
    private function part(SourceRegion $region, array $names, bool $hasReadings, bool $isFirst): Sentence
    {
        $rows = $region->from === $region->to ? "row $region->from" : "rows $region->from to $region->to";
        $says = match ($region->side) {
            SidesWith::Both => '{rows}: both agree',
            SidesWith::First => '{rows}: the readings fit {first}',
            SidesWith::Second => '{rows}: the readings fit {second}',
            SidesWith::Neither => '{rows}: the readings fit neither, so the frame itself may be bent there',
            SidesWith::Open => $hasReadings ? '{rows}: they differ by up to {worst}, and the readings cannot tell yet which is right' : '{rows}: they differ by up to {worst}',
        };

        return Sentence::of("sources.{$region->side->value}", $says, rows: $isFirst ? ucfirst($rows) : $rows, first: $names[0], second: $names[1], worst: Measure::computed($region->worst));
    }
}
