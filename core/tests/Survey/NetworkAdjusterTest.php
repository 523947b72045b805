<?php

declare(strict_types=1);

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\EigenSolver;
use Geodex\Core\LinearAlgebra\EnvelopeSolver;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\Internal\NetworkAdjuster;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Tests\Support\Readings;

/**
 * Every distance between the points, which does not depend on where the whole stands.
 *
 * @param  array<string, Vector3>  $at
 * @return array<string, float>
 */
function distances(array $at): array
{
    $distances = [];
    foreach ($at as $p => $from) {
        foreach ($at as $q => $to) {
            if ($p < $q) {
                $distances["$p $q"] = $to->minus($from)->norm();
            }
        }
    }

    return $distances;
}

describe('the adjustment', function () {
    it('finds the same shape from a start that is wrong by decimetres (seed 101)', function (float $wrong) {
        $frame = Readings::ladder(4);
        $truth = Readings::truth($frame);
        $readings = Readings::tour($truth, Readings::noise(101, 0.7));
        $adjuster = new NetworkAdjuster(new EnvelopeSolver);
        $near = $adjuster->adjust(new Network($readings, $truth), $truth)->at;
        $noise = Readings::noise(102, $wrong);
        $start = array_map(fn (Vector3 $p): Vector3 => $p->plus(Vector3::of($noise(), $noise(), $noise())), $truth);
        $far = $adjuster->adjust(new Network($readings, $start), $start)->at;
        foreach (distances($near) as $pair => $mm) {
            expect(distances($far)[$pair])->toEqualWithDelta($mm, 1e-4);
        }
    })->with([1.0, 20.0, 80.0]);

    it('leaves alone what no reading touches', function () {
        $frame = Readings::ladder(4);
        $truth = Readings::truth($frame);
        $readings = array_values(array_filter(
            Readings::tour($truth),
            fn (Reading $reading): bool => ! array_intersect(['DL', 'DR'], $reading->kind->points()),
        ));
        $at = (new NetworkAdjuster(new EnvelopeSolver))->adjust(new Network($readings, $truth), $truth)->at;
        expect($at['DL'])->toEqual($truth['DL'])->and($at['DR'])->toEqual($truth['DR']);
    });

    it('does not move the whole when the readings say nothing of where it is', function () {
        $frame = Readings::ladder(4);
        $truth = Readings::truth($frame);
        $readings = Readings::tour($truth, Readings::noise(103, 0.5));
        $at = (new NetworkAdjuster(new EnvelopeSolver))->adjust(new Network($readings, $truth), $truth)->at;
        $shift = Vector3::of(0, 0, 0);
        foreach ($at as $id => $place) {
            $shift = $shift->plus($place->minus($truth[$id]));
        }
        expect(abs($shift->x / count($at)))->toBeLessThan(0.05)
            ->and(abs($shift->y / count($at)))->toBeLessThan(0.05);
    });

    it('agrees between the fast and the dense solver (seeds 104 to 108)', function (int $seed) {
        $frame = Readings::ladder(4);
        $truth = Readings::truth($frame);
        $readings = Readings::tour($truth, Readings::noise($seed, 1.0));
        $network = new Network($readings, $truth);
        $fast = (new NetworkAdjuster(new EnvelopeSolver))->adjust($network, $truth)->at;
        $dense = (new NetworkAdjuster(new EigenSolver))->adjust($network, $truth)->at;
        foreach ($fast as $id => $place) {
            expect($place->minus($dense[$id])->norm())->toBeLessThan(1e-5);
        }
    })->with([104, 105, 106, 107, 108]);

    it('gives the misclosures of its readings in units of their sigma', function () {
        $frame = Readings::ladder(4);
        $truth = Readings::truth($frame);
        $readings = Readings::tour($truth, Readings::noise(109, 1.0));
        $adjustment = (new NetworkAdjuster(new EnvelopeSolver))->adjust(new Network($readings, $truth), $truth);
        foreach ($readings as $i => $reading) {
            $predicted = $reading->kind->linearise($adjustment->at)->predicted;
            expect($adjustment->misclosures[$i])->toEqualWithDelta(($reading->value - $predicted) / $reading->sigma, 1e-9);
        }
    });

    it('takes few rounds for a strong network', function () {
        $frame = Readings::ladder(5);
        $truth = Readings::truth($frame);
        $readings = Readings::tour($truth, Readings::noise(110, 0.7));
        foreach (array_keys($truth) as $id) {
            $readings[] = Readings::true("offset $id", $truth);
        }
        expect((new NetworkAdjuster(new EnvelopeSolver))->adjust(new Network($readings, $truth), $truth)->iterations)->toBeLessThan(8);
    });

    it('settles even when every tram is called to the wrong points, or says that it does not', function () {
        $frame = Readings::ladder(4);
        $truth = Readings::truth($frame);
        $readings = Readings::tour($truth);
        $swapped = [];
        foreach ($readings as $i => $reading) {
            $other = $readings[count($readings) - 1 - $i];
            $swapped[] = $other->kind::name() === $reading->kind::name()
                ? new Reading($reading->id, $reading->kind, $other->value, $reading->sigma)
                : $reading;
        }
        try {
            $at = (new NetworkAdjuster(new EnvelopeSolver))->adjust(new Network($swapped, $truth), $truth)->at;
            expect(is_finite($at['AL']->x))->toBeTrue();
        } catch (CannotComputeSurvey $refused) {
            expect($refused->errorCode())->toBe('survey.no-convergence');
        }
    });
});
