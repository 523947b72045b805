<?php

declare(strict_types=1);

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\EnvelopeSolver;
use Geodex\Core\Survey\Internal\DistanceLayout;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\Internal\NetworkAdjuster;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Tests\Support\Readings;

/** @return list<string> */
function idsOf(int $rows): array
{
    return array_map(fn ($point): string => $point->id, Readings::ladder($rows)->points);
}

/** @return list<array<string, Vector3>> */
function laidOut(int $rows, array $readings): array
{
    return (new DistanceLayout)->layouts(Readings::ladder($rows), idsOf($rows), $readings);
}

it('lays a frame out well enough for the adjustment to find it, from lengths and heights alone', function (int $rows) {
    $at = Readings::truth(Readings::ladder($rows));
    $readings = Readings::tour($at);
    [$layout] = laidOut($rows, $readings);
    $found = (new NetworkAdjuster(new EnvelopeSolver))->adjust(new Network($readings, $layout), $layout)->at;
    foreach (idsOf($rows) as $i => $p) {
        foreach (array_slice(idsOf($rows), $i + 1) as $q) {
            expect($found[$p]->minus($found[$q])->norm())->toEqualWithDelta($at[$p]->minus($at[$q])->norm(), 1e-3);
        }
    }
})->with([[3], [5], [8], [12]]);

it('puts the first point forward and the left side left', function () {
    [$layout] = laidOut(6, Readings::tour(Readings::truth(Readings::ladder(6))));
    expect($layout['AL']->x)->toBeLessThan($layout['FL']->x)
        ->and($layout['CL']->y)->toBeLessThan($layout['CR']->y);
});

it('takes heights, offsets and stations as they were read', function () {
    $at = Readings::truth(Readings::ladder(4));
    $more = [Readings::true('offset BL', $at), Readings::true('station CR', $at), Readings::true('height DL', $at, 7.0)];
    [$layout] = laidOut(4, [...Readings::tour($at, heights: false), ...$more]);
    expect($layout['BL']->y)->toBe($at['BL']->y)
        ->and($layout['CR']->x)->toBe($at['CR']->x)
        ->and($layout['DL']->z)->toBe($at['DL']->z + 7.0);
});

it('tries both mirror images and the flat one where heights are not all read, and one where they are', function () {
    $at = Readings::truth(Readings::ladder(4));
    expect(laidOut(4, Readings::tour($at, heights: false)))->toHaveCount(3)
        ->and(laidOut(4, Readings::tour($at)))->toHaveCount(1);
    [$up, $down] = laidOut(4, Readings::tour($at, heights: false));
    foreach ($up as $id => $place) {
        expect($place->z)->toEqualWithDelta(-$down[$id]->z, 1e-9)
            ->and($place->x)->toBe($down[$id]->x);
    }
});

it('reads the bar as a line: pointers of unequal length are taken out', function () {
    $at = Readings::truth(Readings::ladder(3));
    $plain = Readings::tour($at);
    $pointed = array_map(fn (Reading $r): Reading => $r->kind::name() === 'tram' ? Readings::true($r->id, $at, 0.0, [50.0, 250.0]) : $r, $plain);
    [$a] = laidOut(3, $plain);
    [$b] = laidOut(3, $pointed);
    foreach ($a as $id => $place) {
        expect($place->minus($b[$id])->norm())->toBeLessThan(1e-3);
    }
});

it('keeps strangers apart from the rest instead of losing them', function () {
    $at = Readings::truth(Readings::ladder(3));
    $readings = array_values(array_filter(Readings::tour($at), fn (Reading $r): bool => ! in_array('CR', $r->kind->points(), true)));
    [$layout] = laidOut(3, $readings);
    expect($layout)->toHaveKey('CR')->and(is_finite($layout['CR']->x))->toBeTrue();
});
