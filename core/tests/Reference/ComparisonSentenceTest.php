<?php

declare(strict_types=1);

use Geodex\Core\Reference\ComparisonSentence;
use Geodex\Core\Reference\SidesWith;
use Geodex\Core\Reference\SourceRegion;
use Geodex\Core\Tests\Support\Said;

/** @param  list<array{string, string, float, SidesWith}>  $regions  from row to row, what they differ by, and whom the readings side with */
function comparisonOf(array $regions, bool $hasReadings = true): string
{
    $all = array_map(fn (array $one): SourceRegion => new SourceRegion(from: $one[0], to: $one[1], points: [], worst: $one[2], side: $one[3]), $regions);

    return Said::mm((new ComparisonSentence)->say($all, ['the chart', 'the sister'], $hasReadings));
}

it('says that two sources agree, with what that means', function () {
    expect(comparisonOf([['A', 'F', 1.2, SidesWith::Both]]))->toBe('the chart and the sister agree everywhere within 3 mm.')
        ->and(comparisonOf([]))->toBe('the chart and the sister agree everywhere within 3 mm.');
});

it('goes along the frame: where they agree, and whom the readings fit where they do not', function () {
    expect(comparisonOf([['A', 'C', 0.8, SidesWith::Both], ['D', 'D', 9.0, SidesWith::First], ['E', 'F', 12.0, SidesWith::Second], ['G', 'G', 14.0, SidesWith::Neither]]))
        ->toBe('Rows A to C: both agree; row D: the readings fit the chart; rows E to F: the readings fit the sister; row G: the readings fit neither, so the frame itself may be bent there.');
});

it('says by how much they differ where nothing tells which is right', function (bool $hasReadings, string $said) {
    expect(comparisonOf([['B', 'B', 7.0, SidesWith::Open]], $hasReadings))->toBe($said);
})->with([
    'no readings' => [false, 'Row B: they differ by up to 7.0 mm.'],
    'readings that cannot tell' => [true, 'Row B: they differ by up to 7.0 mm, and the readings cannot tell yet which is right.'],
]);
