<?php

declare(strict_types=1);

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\Internal\DatumChooser;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\RigidMotionFitter;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Tests\Support\Readings;

describe('the datum', function () {
    it('is laid by the base points alone: a bent rear does not pull it along', function () {
        $frame = Readings::ladder(6);
        $truth = Readings::truth($frame);
        $bent = $truth;
        foreach (['EL', 'ER', 'FL', 'FR'] as $id) {
            $bent[$id] = $bent[$id]->plus(Vector3::of(4, 11, -7));
        }
        $result = (new SurveyComputer)->compute($frame, Readings::survey(Readings::tour($bent)));
        foreach (['AL', 'AR', 'BL', 'BR', 'CL', 'CR', 'DL', 'DR'] as $id) {
            expect($result->point($id)->deviation->norm())->toBeLessThan(1e-5);
        }
        expect($result->point('FR')->deviation->toArray())->toEqualWithDelta([4.0, 11.0, -7.0], 1e-5)
            ->and($result->base)->toBe(['AL', 'AR', 'BL', 'BR', 'CL', 'CR']);
    });

    it('names a bent base point and lays the frame on the others', function () {
        $frame = Readings::ladder(4, base: 4);
        $truth = Readings::truth($frame);
        $truth['DR'] = $truth['DR']->plus(Vector3::of(0, 0, 8));
        $result = (new SurveyComputer)->compute($frame, Readings::survey(Readings::tour($truth)));
        expect($result->base)->toBe(['AL', 'AR', 'BL', 'BR', 'CL', 'CR', 'DL'])
            ->and(array_map(fn ($one): string => $one->id, $result->doubtfulBase()))->toBe(['DR'])
            ->and($result->doubtfulBase()[0]->off->toArray())->toEqualWithDelta([0.0, 0.0, 8.0], 1e-4)
            ->and($result->point('DR')->deviation->z)->toEqualWithDelta(8.0, 1e-4);
    });

    it('needs three measured base points', function (array $keep, string $says) {
        $frame = Readings::ladder(4);
        $chart = array_intersect_key(Readings::truth($frame), array_flip(['AL', 'AR', 'BL', 'BR', 'CL', 'CR']));
        $truth = Readings::truth($frame);
        $readings = array_values(array_filter(
            Readings::tour($truth),
            fn (Reading $reading): bool => array_diff($reading->kind->points(), $keep) === [],
        ));
        $network = new Network($readings, $truth);
        expect(fn () => (new DatumChooser(new RigidMotionFitter))->lay($network, $truth, $chart))
            ->toThrow(CannotComputeSurvey::class, $says);
    })->with([
        'two' => [['AL', 'AR', 'DL', 'DR'], '2 base points are measured, three are needed. Read some of BL, BR, CL, CR'],
        'none' => [['DL', 'DR'], '0 base points are measured'],
    ]);

    it('says so when no point is marked as base', function () {
        $frame = Readings::ladder(3, base: 0);
        $readings = Readings::tour(Readings::truth($frame));
        expect(fn () => (new SurveyComputer)->compute($frame, Readings::survey($readings)))
            ->toThrow(CannotComputeSurvey::class, 'Mark at least three points as base points');
    });
});

describe('limits that a shop may change', function () {
    it('accuse earlier or later', function () {
        $frame = Readings::ladder(5);
        $truth = Readings::truth($frame);
        $readings = Readings::tour($truth, Readings::noise(95, 0.5));
        $readings[8] = new Reading('off', $readings[8]->kind, $readings[8]->value + 5.0, 1.0);
        $status = fn (float $critical): string => (new SurveyComputer(new SurveyOptions(critical: $critical)))
            ->compute($frame, Readings::survey($readings))->readings[8]->status->value;
        expect($status(2.0))->toBe('suspect')->and($status(12.0))->toBe('used');
    });

    it('take out no more than a share of the readings', function () {
        $frame = Readings::ladder(5);
        $truth = Readings::truth($frame);
        $readings = Readings::tour($truth);
        foreach ([3, 9, 15, 21, 27] as $i) {
            $readings[$i] = new Reading("off$i", $readings[$i]->kind, $readings[$i]->value + 40.0 + $i, 1.0);
        }
        $result = (new SurveyComputer(new SurveyOptions(maxShare: 0.05)))->compute($frame, Readings::survey($readings));
        $suspects = array_filter($result->readings, fn ($reading): bool => $reading->status->value === 'suspect');
        expect(count($suspects))->toBeLessThanOrEqual((int) floor(0.05 * count($readings)));
    });
});

describe('the numbering of points along the frame', function () {
    it('does not depend on the order of the readings', function () {
        $frame = Readings::ladder(4);
        $truth = Readings::truth($frame);
        $readings = Readings::tour($truth);
        expect((new Network(array_reverse($readings), $truth))->pointIds)->toBe((new Network($readings, $truth))->pointIds);
    });

    it('goes from the front, so that neighbours lie close together', function () {
        $frame = Readings::ladder(4);
        $truth = Readings::truth($frame);
        expect((new Network(Readings::tour($truth), $truth))->pointIds)->toBe(['AL', 'AR', 'BL', 'BR', 'CL', 'CR', 'DL', 'DR']);
    });

    it('holds only points that a reading touches', function () {
        $truth = Readings::truth(Readings::ladder(4));
        $network = new Network([Readings::true('tram AL BL', $truth)], $truth);
        expect($network->pointIds)->toBe(['AL', 'BL'])->and($network->unknowns())->toBe(6);
    });
});
