<?php

declare(strict_types=1);

use Geodex\Core\Frame\Frame;
use Geodex\Core\LinearAlgebra\EnvelopeSolver;
use Geodex\Core\Survey\Internal\DatumChooser;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\Internal\NetworkAdjuster;
use Geodex\Core\Survey\Internal\NetworkSolver;
use Geodex\Core\Survey\Internal\Reliability;
use Geodex\Core\Survey\Internal\RigidMotions;
use Geodex\Core\Survey\Internal\SolvedNetwork;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\RigidMotionFitter;
use Geodex\Core\Tests\Support\Readings;

/**
 * A tour in which every reading is checked: heights and offsets of all points besides the trams.
 *
 * @return list<Reading>
 */
function checkedTour(Frame $frame): array
{
    $truth = Readings::truth($frame);
    $readings = Readings::tour($truth);
    foreach (array_keys($truth) as $id) {
        $readings[] = Readings::true("offset $id", $truth);
        $readings[] = Readings::true("station $id", $truth);
    }
    foreach ($frame->points as $point) {
        if ($point->mate !== null && $point->id < $point->mate) {
            $readings[] = Readings::true("rise {$point->id} {$point->mate}", $truth);
        }
    }

    return $readings;
}

/** @param  list<Reading>  $readings */
function solvedNetwork(Frame $frame, array $readings): SolvedNetwork
{
    $solver = new EnvelopeSolver;
    $chart = Readings::truth($frame);
    $base = array_filter($chart, fn (string $id): bool => $frame->point($id)->base, ARRAY_FILTER_USE_KEY);
    $networks = new NetworkSolver($solver, new NetworkAdjuster($solver), new DatumChooser(new RigidMotionFitter));

    return $networks->solve(new Network($readings, $chart), $chart, $base);
}

describe('leverages while readings are taken out', function () {
    it('are those of the network without them, by a rank-one change instead of a new factorisation', function (array $out) {
        $frame = Readings::ladder(5);
        $readings = checkedTour($frame);
        $quick = new Reliability(solvedNetwork($frame, $readings));
        foreach ($out as $i) {
            $quick->takeOut($i);
        }
        $kept = array_diff_key($readings, array_flip($out));
        $slow = new Reliability(solvedNetwork($frame, array_values($kept)));
        foreach (array_keys($kept) as $k => $i) {
            expect($quick->leverage($i))->toEqualWithDelta($slow->leverage($k), 1e-8);
        }
    })->with([
        'one' => [[4]],
        'two' => [[4, 17]],
        'three' => [[2, 9, 21]],
    ]);

    it('come back when a reading is put back', function () {
        $frame = Readings::ladder(5);
        $readings = checkedTour($frame);
        $reliability = new Reliability(solvedNetwork($frame, $readings));
        $before = array_map($reliability->leverage(...), array_keys($readings));
        $reliability->takeOut(7);
        $reliability->takeOut(12);
        $reliability->putBack(12);
        $reliability->putBack(7);
        foreach ($before as $i => $leverage) {
            expect($reliability->leverage($i))->toEqualWithDelta($leverage, 1e-9);
        }
    });

    it('lie between nothing and all for readings in use', function () {
        $frame = Readings::ladder(6);
        $readings = Readings::tour(Readings::truth($frame));
        $reliability = new Reliability(solvedNetwork($frame, $readings));
        foreach (array_keys($readings) as $i) {
            expect($reliability->leverage($i))->toBeGreaterThan(0.0)->toBeLessThan(1.0 + 1e-9);
        }
    });
});

describe('the six motions that base points take out', function () {
    it('are orthonormal on the base points', function () {
        $frame = Readings::ladder(5);
        $solved = solvedNetwork($frame, Readings::tour(Readings::truth($frame)));
        $motions = new RigidMotions($solved->network, $solved->chart, $solved->datum->base);
        for ($column = 0; $column < $solved->network->unknowns(); $column++) {
            $unit = array_fill(0, $solved->network->unknowns(), 0.0);
            $unit[$column] = 1.0;
            $held = $motions->heldOnBase($unit);
            $again = $motions->heldOnBase($held);
            foreach ($held as $i => $value) {
                expect($again[$i])->toEqualWithDelta($value, 1e-9);
            }
        }
    });

    it('leave nothing of a motion of the whole', function () {
        $frame = Readings::ladder(4);
        $solved = solvedNetwork($frame, Readings::tour(Readings::truth($frame)));
        $motions = new RigidMotions($solved->network, $solved->chart, $solved->datum->base);
        foreach ($solved->free as $direction) {
            expect(max(array_map(abs(...), $motions->heldOnBase($direction))))->toBeLessThan(1e-9);
        }
    });

    it('give a covariance that is symmetric and never negative on its diagonal', function () {
        $frame = Readings::ladder(5);
        $solved = solvedNetwork($frame, Readings::tour(Readings::truth($frame), Readings::noise(61, 0.5)));
        $covariance = (new RigidMotions($solved->network, $solved->chart, $solved->datum->base))->covariance($solved->cofactors);
        foreach ($covariance as $i => $row) {
            expect($row[$i])->toBeGreaterThanOrEqual(-1e-12);
            foreach ($row as $j => $value) {
                expect($value)->toEqualWithDelta($covariance[$j][$i], 1e-12);
            }
        }
    });

    it('leave the base points without a mean shift: their summed covariance vanishes', function () {
        $frame = Readings::ladder(5);
        $solved = solvedNetwork($frame, Readings::tour(Readings::truth($frame)));
        $covariance = (new RigidMotions($solved->network, $solved->chart, $solved->datum->base))->covariance($solved->cofactors);
        foreach ([0, 1, 2] as $axis) {
            $sum = 0.0;
            foreach ($solved->datum->base as $a) {
                foreach ($solved->datum->base as $b) {
                    $sum += $covariance[$solved->network->columns[$a] + $axis][$solved->network->columns[$b] + $axis];
                }
            }
            expect($sum)->toEqualWithDelta(0.0, 1e-9);
        }
    });
});
