<?php

declare(strict_types=1);

use Geodex\Core\Findings\ChartDoubt;
use Geodex\Core\Findings\ChartSlipFinder;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

/**
 * Readings of a sound frame held against a chart in which some lines are wrong.
 *
 * @param  array<string, Vector3>  $wrong
 * @return list<ChartDoubt>
 */
function slipsIn(array $wrong): array
{
    $sound = Readings::ladder(6, 3);
    $chart = new Frame(array_map(fn (Point $point): Point => isset($wrong[$point->id]) ? $point->at($wrong[$point->id]) : $point, $sound->points));

    return (new ChartSlipFinder)->find($chart, Readings::survey(Readings::tour(Readings::truth($sound), Readings::noise(4, 0.7))));
}

it('asks nothing of a chart that the readings fit, nor of a frame that is merely bent', function () {
    $place = Readings::truth(Readings::ladder(6));
    expect(slipsIn([]))->toBe([])
        ->and(slipsIn(['EL' => $place['EL']->plus(Vector3::of(22, -15, 20))]))->toBe([]);
});

it('names both points of two lines that were swapped', function () {
    $at = Readings::truth(Readings::ladder(6));
    $slips = slipsIn(['BL' => $at['DL'], 'DL' => $at['BL']]);
    expect($slips)->toHaveCount(1)
        ->and($slips[0]->kind->value)->toBe('swapped')
        ->and($slips[0]->points())->toEqualCanonicalizing(['BL', 'DL'])
        ->and(Said::mm($slips[0]->text))->toContain('readings fit');
});

it('names mates that were mirrored', function () {
    $at = Readings::truth(Readings::ladder(6));
    $slips = slipsIn(['CL' => $at['CR'], 'CR' => $at['CL']]);
    expect($slips[0]->kind->value)->toBe('mirrored')
        ->and($slips[0]->points())->toEqualCanonicalizing(['CL', 'CR']);
});

it('names a point whose sign is lost, and what was meant', function () {
    $at = Readings::truth(Readings::ladder(6));
    $slips = slipsIn(['DL' => Vector3::of($at['DL']->x, -$at['DL']->y, $at['DL']->z)]);
    expect($slips)->toHaveCount(1)->and($slips[0]->kind->value)->toBe('sign')->and($slips[0]->point)->toBe('DL')->and($slips[0]->axis)->toBe(1)
        ->and($slips[0]->chart)->toBe(-$at['DL']->y)->and($slips[0]->suggested)->toBe($at['DL']->y);
});

it('sees a column in the place of another, which no length notices', function () {
    $at = Readings::truth(Readings::ladder(6));
    $slips = slipsIn(array_map(fn (Vector3 $place): Vector3 => Vector3::of($place->x, $place->z, $place->y), $at));
    expect($slips)->toHaveCount(1)
        ->and($slips[0]->kind->value)->toBe('axes')
        ->and(Said::mm($slips[0]->text))->toContain('offset and height');
});

describe('how clear a slip has to be', function () {
    /**
     * What is asked where these readings are all that there are, of a ladder whose chart has these lines wrong.
     *
     * @param  array<string, Vector3>  $wrong
     * @param  list<string>  $calls
     * @param  array<string, float>  $off  mm, by call
     * @return list<string> kind and points
     */
    function slipsBy(array $wrong, array $calls, array $off = []): array
    {
        $sound = Readings::ladder(6, 3);
        $chart = new Frame(array_map(fn (Point $point): Point => isset($wrong[$point->id]) ? $point->at($wrong[$point->id]) : $point, $sound->points));
        $readings = array_map(fn (string $call) => Readings::true($call, Readings::truth($sound), $off[$call] ?? 0.0), $calls);

        return array_map(fn (ChartDoubt $doubt): string => $doubt->kind->value.' '.implode(' ', $doubt->points()), (new ChartSlipFinder)->find($chart, Readings::survey($readings)));
    }

    // DL stands at 2200, −410, 450; with its sign lost at +410.
    $lost = ['DL' => Vector3::of(2200, 410, 450)];

    it('takes three readings at the point, no fewer', function (array $calls, array $asked) use ($lost) {
        expect(slipsBy($lost, $calls))->toBe($asked);
    })->with([
        [['tram CL DL', 'tram DL EL', 'tram BL DL'], ['sign DL']],
        [['tram CL DL', 'tram DL EL'], []],
    ]);

    it('takes four in five of them to fit then', function (array $off, array $asked) use ($lost) {
        expect(slipsBy($lost, ['tram CL DL', 'tram DL EL', 'tram BL DL', 'tram DL FL', 'tram DL DR'], $off))->toBe($asked);
    })->with([
        'all' => [[], ['sign DL']],
        'one misread by more than a bend makes' => [['tram BL DL' => 26.0], ['sign DL']],
        'two misread' => [['tram BL DL' => 26.0, 'tram DL FL' => 26.0], []],
        'two a little off' => [['tram BL DL' => 24.0, 'tram DL FL' => -24.0], ['sign DL']],
    ]);

    it('does not count a reading that is no length, or of a point without a chart', function () use ($lost) {
        $sound = Readings::ladder(6, 3);
        $at = Readings::truth($sound);
        $chart = new Frame(array_map(fn (Point $point): Point => match ($point->id) {
            'DL' => $point->at($lost['DL']),
            'FL' => $point->at(null),
            default => $point,
        }, $sound->points));
        $readings = array_map(fn (string $call) => Readings::true($call, $at), ['tram CL DL', 'tram DL EL', 'slope DL DR', 'slope CL DL', 'tram DL FL']);
        expect((new ChartSlipFinder)->find($chart, Readings::survey($readings)))->toBe([])
            ->and((new ChartSlipFinder)->find($chart, Readings::survey([...$readings, Readings::true('tram BL DL', $at)])))->toHaveCount(1);
    });
});

it('names a sign that is lost along any axis', function (int $axis, string $name) {
    // A frame measured from a zero in its middle, on a bench at the height of its rails, has minuses in every column.
    $by = Vector3::of(-1500, 0, -420);
    $moved = fn (Point $point): Point => $point->at($point->reference->plus($by), null, $point->base);
    $sound = new Frame(array_map($moved, Readings::ladder(6, 3)->points));
    $at = Readings::truth($sound)['FR'];
    $xyz = $at->toArray();
    $xyz[$axis] = -$xyz[$axis];
    $chart = new Frame(array_map(fn (Point $point): Point => $point->id === 'FR' ? $point->at(Vector3::of(...$xyz)) : $point, $sound->points));
    $found = (new ChartSlipFinder)->find($chart, Readings::survey(Readings::tour(Readings::truth($sound))));
    expect(array_map(fn (ChartDoubt $one): array => [$one->kind->value, $one->point, $one->axis, $one->suggested], $found))->toBe($name === '' ? [] : [['sign', 'FR', $axis, $at->toArray()[$axis]]])
        ->and($name === '' ? '' : Said::mm($found[0]->text))->toContain($name);
})->with([[0, 'the sign of the station is probably wrong'], [1, 'the sign of the offset is probably wrong'], 'a height of 30 mm is no further off than a bend' => [2, '']]);

it('finds several slips, the clearest first, and those of points that are called by numbers', function () {
    $number = ['AL' => '11', 'AR' => '12', 'BL' => '21', 'BR' => '22', 'CL' => '31', 'CR' => '32', 'DL' => '41', 'DR' => '42', 'EL' => '51', 'ER' => '52', 'FL' => '61', 'FR' => '62'];
    $ladder = Readings::ladder(6, 3);
    $at = [];
    foreach (Readings::truth($ladder) as $id => $place) {
        $at[$number[$id]] = $place;
    }
    $wrong = ['41' => $at['61'], '61' => $at['41'], '22' => Vector3::of($at['22']->x, -$at['22']->y, $at['22']->z)];
    $chart = new Frame(array_map(fn (Point $point): Point => new Point($number[$point->id], $point->name, $point->side, $number[$point->mate], null, $wrong[$number[$point->id]] ?? $point->reference, $point->tolerance, $point->base), $ladder->points));
    $readings = array_map(fn ($reading) => Readings::true($reading->kind::name().' '.implode(' ', array_map(fn (string $id): string => $number[$id], $reading->kind->points())), $at), Readings::tour(Readings::truth($ladder)));
    expect(array_map(fn (ChartDoubt $one): string => $one->kind->value.' '.implode(' ', $one->points()), (new ChartSlipFinder)->find($chart, Readings::survey($readings))))
        ->toEqualCanonicalizing(['swapped 41 61', 'sign 22']);
});

describe('a column in the place of another', function () {
    /** @param  list<int>  $order  which coordinate stands in each column */
    function columnsOf(array $order, array $calls): array
    {
        $at = Readings::truth(Readings::ladder(6));
        $chart = new Frame(array_map(fn (Point $point): Point => $point->at(Vector3::of(...array_map(fn (int $k): float => $point->reference->toArray()[$k], $order))), Readings::ladder(6, 3)->points));
        $found = (new ChartSlipFinder)->find($chart, Readings::survey(array_map(fn (string $call) => Readings::true($call, $at), $calls)));

        return array_map(fn (ChartDoubt $doubt): string => "{$doubt->kind->value} $doubt->point ".Said::mm($doubt->text), $found);
    }

    // Four of each kind at least, since the bench may stand anywhere.
    $bench = ['height AL', 'height DR', 'height CL', 'height BR', 'offset BL', 'offset ER', 'offset AL', 'offset DR', 'station CL', 'station FR', 'station AL', 'station DR'];

    it('is named by the two, whichever they are', function (array $order, string $both, int $many) use ($bench) {
        expect(columnsOf($order, array_slice($bench, 0, $many))[0])->toStartWith('axes AL ')->toContain($both);
    })->with([[[1, 0, 2], 'station and offset', 12], [[2, 1, 0], 'station and height', 12], [[0, 2, 1], 'offset and height', 8]]);

    it('is told from four readings against the bench', function () {
        expect(columnsOf([1, 0, 2], ['offset AL', 'offset DR', 'offset BL', 'offset ER']))->not->toBe([])
            ->and(columnsOf([1, 0, 2], ['offset AL', 'offset DR', 'offset BL']))->toBe([]);
    });
});
