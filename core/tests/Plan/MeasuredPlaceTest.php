<?php

declare(strict_types=1);

use Geodex\Core\Frame\Side;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Plan\MeasuredPlace;
use Geodex\Core\Survey\PointResult;
use Geodex\Core\Survey\Verdict;
use Geodex\Core\Tests\Support\Readings;

it('is where a survey found a point, if its readings fix it along all three axes', function () {
    $found = fn (string $id, bool ...$fixed): PointResult => new PointResult(id: $id, measured: Vector3::of(1, 2, 3), sigma: null, deviation: null, determined: $fixed, axes: [], verdict: Verdict::Unmeasured, expanded: Vector3::of(0.1, 0.2, 0.3));
    $places = MeasuredPlace::all(Readings::ladder(3), [
        $found('AL', true, true, true), $found('AR', true, true, false), PointResult::unmeasured('BL'), $found('BR', true, true, true),
    ]);
    expect($places)->toEqual([
        new MeasuredPlace('AL', Side::Left, Vector3::of(1, 2, 3), Vector3::of(0.1, 0.2, 0.3)),
        new MeasuredPlace('BR', Side::Right, Vector3::of(1, 2, 3), Vector3::of(0.1, 0.2, 0.3)),
    ]);
});
