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
