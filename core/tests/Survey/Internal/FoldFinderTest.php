<?php

declare(strict_types=1);

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\EnvelopeSolver;
use Geodex\Core\Survey\Internal\FoldFinder;
use Geodex\Core\Survey\Internal\GrossScreen;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\Internal\NetworkAdjuster;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reason;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Tests\Support\Readings;

/** A flat frame but for one point that stands 60 mm above the plane of its neighbours. */
function stepped(): Frame
{
    return new Frame(array_map(fn (Point $p): Point => $p->at(Vector3::of($p->reference->x, $p->reference->y, $p->id === 'DL' ? 510.0 : 450.0)), Readings::ladder(4, 3)->points));
}

/** @return list<array{list<string>, mixed, float}> */
function foldsOf(array $readings): array
{
    $at = Readings::truth(stepped());

    return (new FoldFinder(new NetworkAdjuster(new EnvelopeSolver)))->find(stepped(), new Network($readings, $at), $at, 0.0);
}

it('finds that a point held by lengths alone may stand on the other side of its neighbours', function () {
    $lengths = Readings::tour(Readings::truth(stepped()), heights: false);
    $folds = foldsOf($lengths);
    expect(array_column($folds, 0))->toContain(['DL']);
    $fold = $folds[(int) array_search(['DL'], array_column($folds, 0), true)];
    expect($fold[1]->at['DL']->z - $fold[1]->at['CL']->z)->toEqualWithDelta(-60.0, 2.0);
});

it('finds none where heights tell the side', function () {
    expect(foldsOf(Readings::tour(Readings::truth(stepped()))))->toBe([]);
});

it('leaves the height of such a point undecided, and never refuses', function () {
    $lengths = Readings::tour(Readings::truth(stepped()), Readings::noise(6, 0.5), heights: false);
    $result = (new SurveyComputer)->compute(stepped(), Readings::survey($lengths));
    $point = $result->point('DL');
    expect($point->axes[2]->value)->toBe('unsure')->and(in_array($point->reasons[2], [Reason::Fold, Reason::Weak], true))->toBeTrue()
        // Of two mirror images the one nearer to the chart is told.
        ->and($point->measured->z)->toBeGreaterThan(480.0);
});

describe('the gross screen', function () {
    it('starts a point whose sign is lost in the chart on its right side', function () {
        $frame = Readings::ladder(5, 3);
        $truth = Readings::truth($frame);
        $wrong = [...$truth, 'DL' => Vector3::of($truth['DL']->x, -$truth['DL']->y, $truth['DL']->z)];
        $start = (new GrossScreen)->screen($frame, $wrong, Readings::tour($truth));
        expect($start->at['DL']->minus($truth['DL'])->norm())->toBeLessThan(1e-6)
            ->and($start->gross)->toBe([]);
    });

    it('names a length and a height in the wrong unit, whatever the bench is turned by', function () {
        $frame = Readings::ladder(5, 3);
        $truth = Readings::truth($frame);
        $turned = array_map(fn (Vector3 $place): Vector3 => Vector3::of($place->x, $place->y, $place->z + 0.02 * $place->x - 80), $truth);
        $readings = array_map(fn (Reading $r): Reading => in_array($r->id, ['tram BL CR', 'height DL'], true) ? new Reading($r->id, $r->kind, $r->value / 25.4, $r->sigma) : $r, Readings::tour($turned));
        $gross = (new GrossScreen)->screen($frame, $truth, $readings)->gross;
        expect(array_map(fn (int $i): string => $readings[$i]->id, $gross))->toEqualCanonicalizing(['tram BL CR', 'height DL']);
    });

    it('names nothing of a bent frame', function () {
        $frame = Readings::ladder(5, 3);
        $truth = Readings::truth($frame);
        $truth['ER'] = $truth['ER']->plus(Vector3::of(-25, 30, 40));
        expect((new GrossScreen)->screen($frame, Readings::truth($frame), Readings::tour($truth))->gross)->toBe([]);
    });
});
