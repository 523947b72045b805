<?php

declare(strict_types=1);

use Geodex\Core\Findings\Pair;
use Geodex\Core\Findings\PairCollector;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Tests\Support\Readings;

/**
 * The pairs of a sound ladder of four rows, with some lines of its chart changed.
 *
 * @param  callable(Point): Point  $change
 * @return list<Pair>
 */
function pairsOf(?callable $change = null, ?callable $keep = null): array
{
    $frame = Readings::ladder(4);
    $readings = array_values(array_filter(Readings::tour(Readings::truth($frame)), $keep ?? fn (): bool => true));
    $charted = new Frame(array_map($change ?? fn (Point $point): Point => $point, $frame->points));

    return (new PairCollector)->collect($charted, (new SurveyComputer)->compute($charted, Readings::survey($readings)));
}

/** @return list<string> */
function namesOf(array $pairs): array
{
    return array_map(fn (Pair $pair): string => "$pair->left $pair->right", $pairs);
}

it('collects mates from the front, whatever the order of the job', function () {
    expect(namesOf(pairsOf()))->toBe(['AL AR', 'BL BR', 'CL CR', 'DL DR']);
    $frame = Readings::ladder(4);
    $turned = new Frame(array_reverse($frame->points));
    $result = (new SurveyComputer)->compute($turned, Readings::survey(Readings::tour(Readings::truth($frame))));
    expect(namesOf((new PairCollector)->collect($turned, $result)))->toBe(['AL AR', 'BL BR', 'CL CR', 'DL DR']);
});

it('leaves out a pair of which one is not in the chart, and goes on', function (string $missing) {
    expect(namesOf(pairsOf(fn (Point $point): Point => $point->id === $missing ? $point->at(null) : $point)))->toBe(['AL AR', 'CL CR', 'DL DR']);
})->with(['BL', 'BR']);

it('leaves out a pair of which one is not placed by the readings', function (string $missing) {
    expect(namesOf(pairsOf(keep: fn (Reading $reading): bool => ! in_array($missing, $reading->kind->points(), true))))->toBe(['AL AR', 'CL CR', 'DL DR']);
})->with(['BL', 'BR']);

it('takes two points for no pair that the chart puts nearer than a millimetre across', function (float $across, bool $pair) {
    $points = Readings::ladder(4)->points;
    $at = [...Readings::truth(Readings::ladder(4)), 'DL' => Vector3::of(2200, -$across / 2, 450), 'DR' => Vector3::of(2900, $across / 2, 450)];
    $frame = new Frame(array_map(fn (Point $point): Point => $point->at($at[$point->id]), $points));
    $result = (new SurveyComputer)->compute($frame, Readings::survey(Readings::tour($at)));
    expect(count((new PairCollector)->collect($frame, $result)))->toBe($pair ? 4 : 3);
})->with([[0.0, false], [0.9, false], [1.0, true], [1.5, true]]);

it('allows a pair what the widest axis of its left point allows', function () {
    $change = fn (Point $point): Point => new Point($point->id, $point->name, $point->side, $point->mate, null, $point->reference, $point->side === Side::Left ? Tolerance::of(2.0, 5.0, 3.0) : Tolerance::all(9.0), $point->base);
    expect(array_map(fn (Pair $pair): float => $pair->tolerance, pairsOf($change)))->toBe([5.0, 5.0, 5.0, 5.0]);
});

it('takes from each side what it is off, and where that stands in the covariance', function () {
    $pair = pairsOf(fn (Point $point): Point => match ($point->id) {
        'DL' => $point->at($point->reference->plus(Vector3::of(-4, 0, 0))),
        'DR' => $point->at($point->reference->plus(Vector3::of(0, 0, 7))),
        default => $point,
    })[3];
    expect($pair->leftOff->x)->toEqualWithDelta(4.0, 1e-3)->and($pair->rightOff->z)->toEqualWithDelta(-7.0, 1e-3)
        ->and($pair->station)->toEqualWithDelta(2198.0, 1e-9)
        ->and($pair->width)->toEqualWithDelta(sqrt(820 ** 2 + 4 ** 2 + 7 ** 2), 1e-9)
        ->and($pair->roll()->value)->toEqualWithDelta(-7 / $pair->width, 1e-5)
        ->and($pair->mean(0)->value)->toEqualWithDelta(2.0, 1e-3)
        ->and(abs($pair->leftColumn - $pair->rightColumn) % 3)->toBe(0);
});
