<?php

declare(strict_types=1);

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Internal\GrossScreen;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Tests\Support\Readings;

/**
 * What is seen at once of a ladder of five rows.
 *
 * @param  array<string, float>  $off  mm, by call
 * @param  array<string, Vector3>  $chart  lines of the chart that are wrong
 * @param  ?callable(Reading): bool  $keep
 * @return object{at: array<string, Vector3>, gross: list<string>} where points start, and which readings are left out of the start
 */
function screened(array $off = [], array $chart = [], ?callable $keep = null): object
{
    $frame = Readings::ladder(5);
    $truth = Readings::truth($frame);
    $readings = array_values(array_filter(array_map(fn (Reading $one): Reading => new Reading($one->id, $one->kind, $one->value + ($off[$one->id] ?? 0.0), 1.0), Readings::tour($truth)), $keep ?? fn (): bool => true));
    $start = (new GrossScreen)->screen($frame, array_replace($truth, $chart), $readings);

    return (object) ['at' => $start->at, 'gross' => array_map(fn (int $i): string => $readings[$i]->id, $start->gross)];
}

it('lets every reading be of a frame that still stands', function () {
    expect(screened()->gross)->toBe([])
        ->and(screened()->at)->toEqual(Readings::truth(Readings::ladder(5)));
});

it('names a length that is off by more than a bend of 120 mm, either way', function (float $off, bool $gross) {
    expect(screened(['tram BL DR' => $off])->gross)->toBe($gross ? ['tram BL DR'] : []);
})->with([[119.9, false], [120.1, true], [-119.9, false], [-120.1, true]]);

it('names a height that is off the plane of the others by more than 60 mm', function (float $off, bool $gross) {
    // Nine of ten heights are true, so that the plane through them stays where it is but for what one pulls at it.
    $start = screened(['height CL' => $off]);
    expect($start->gross)->toBe($gross ? ['height CL'] : []);
})->with([[50.0, false], [80.0, true], [-50.0, false], [-80.0, true], [400.0, true]]);

it('does not mind where the bench stands and how it is tilted', function (float $shift, float $along, float $across) {
    $off = [];
    foreach (Readings::truth(Readings::ladder(5)) as $id => $at) {
        $off["height $id"] = $shift + $along * $at->x / 1000 + $across * $at->y / 1000;
    }
    expect(screened($off)->gross)->toBe([])
        ->and(screened([...$off, 'height DR' => $off['height DR'] + 300.0])->gross)->toBe(['height DR']);
})->with([[500.0, 0.0, 0.0], [-200.0, 150.0, 0.0], [0.0, 0.0, -300.0], [90.0, -120.0, 200.0]]);

it('says nothing of three heights, which lie in a plane whatever they are', function (int $many, array $gross) {
    $heights = ['height AL', 'height AR', 'height CL', 'height EL', 'height ER'];
    $keep = fn (Reading $one): bool => $one->kind::name() !== 'height' || in_array($one->id, array_slice($heights, 0, $many), true);
    expect(screened(['height AL' => 500.0], keep: $keep)->gross)->toBe($gross);
})->with([[3, []], [5, ['height AL']]]);

it('starts a point whose line of the chart is wrong where its lengths put it, and blames none of them', function (string $id, callable $wrong) {
    $truth = Readings::truth(Readings::ladder(5));
    $start = screened(chart: [$id => $wrong($truth[$id])]);
    expect($start->at[$id])->toEqual($truth[$id])->and($start->gross)->toBe([]);
})->with([
    'the sign of the offset lost' => ['DL', fn (Vector3 $at): Vector3 => Vector3::of($at->x, -$at->y, $at->z)],
    'the sign of the height lost' => ['DR', fn (Vector3 $at): Vector3 => Vector3::of($at->x, $at->y, -$at->z)],
    'the sign of the station lost' => ['EL', fn (Vector3 $at): Vector3 => Vector3::of(-$at->x, $at->y, $at->z)],
    'anywhere, but its mate is right' => ['CR', fn (Vector3 $at): Vector3 => Vector3::of($at->x + 900, $at->y, $at->z)],
]);

it('starts two points whose lines are swapped in each other’s place', function () {
    $truth = Readings::truth(Readings::ladder(5));
    $start = screened(chart: ['BL' => $truth['DR'], 'DR' => $truth['BL']]);
    expect($start->at['BL'])->toEqual($truth['BL'])->and($start->at['DR'])->toEqual($truth['DR'])->and($start->gross)->toBe([]);
});

it('leaves a point where it is that nothing explains, and blames none of its readings for it', function () {
    $lost = Vector3::of(1900, 900, 1200);
    // Without a mate that is right, no place is better.
    $start = screened(chart: ['DL' => $lost, 'DR' => $lost->plus(Vector3::of(300, 300, 300))]);
    expect(array_filter($start->gross, fn (string $id): bool => str_contains($id, 'DL') || str_contains($id, 'DR')))->toBe([]);
});

it('blames the readings and not the chart where fewer than three touch a point', function () {
    $keep = fn (Reading $one): bool => ! in_array('EL', $one->kind->points(), true) || in_array($one->id, ['tram DL EL', 'tram EL ER'], true);
    $off = ['tram DL EL' => 400.0, 'tram EL ER' => 300.0];
    expect(screened($off, keep: $keep)->gross)->toBe(['tram DL EL', 'tram EL ER']);
});

it('blames no reading where more than a quarter of them are off', function () {
    $all = array_map(fn (Reading $one): string => $one->id, Readings::tour(Readings::truth(Readings::ladder(5))));
    $trams = array_values(array_filter($all, fn (string $id): bool => str_starts_with($id, 'tram')));
    // Every third length, so that no point has most of its lengths off.
    $some = array_values(array_filter($trams, fn (string $id, int $i): bool => $i % 3 === 0, ARRAY_FILTER_USE_BOTH));
    $off = fn (int $many): array => array_fill_keys(array_slice($some, 0, $many), 250.0);
    expect(count($all))->toBe(43)
        ->and(screened($off(10))->gross)->toHaveCount(10)
        ->and(screened($off(11))->gross)->toBe([]);
});
