<?php

declare(strict_types=1);

use Geodex\Core\LinearAlgebra\EnvelopeSolver;
use Geodex\Core\Survey\Explanation\LeftOutAlgebra;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Tests\Support\Readings;

/** @return array{list<array<int, float>>, list<float>, int} a linear network of weighted rows with misclosures */
function linearNetwork(int $seed, int $rows = 5): array
{
    $frame = Readings::ladder($rows);
    $truth = Readings::truth($frame);
    $readings = Readings::tour($truth, Readings::noise($seed, 1.0));
    $network = new Network($readings, $truth);
    $lines = $misclosures = [];
    foreach ($readings as $i => $reading) {
        $design = $reading->kind->linearise($truth);
        $lines[] = $network->row($i, $design->partials);
        $misclosures[] = ($reading->value - $design->predicted) / $reading->sigma;
    }

    return [$lines, $misclosures, $network->unknowns()];
}

function algebraOf(array $rows, array $misclosures, int $unknowns): LeftOutAlgebra
{
    $normals = (new EnvelopeSolver)->factor($rows, $unknowns);

    return new LeftOutAlgebra($rows, $normals->cofactors(), $misclosures, $normals->freeDirections());
}

it('gives residuals, redundancies and the weighted sum that a new computation without the readings gives', function (array $set) {
    [$rows, $misclosures, $unknowns] = linearNetwork(7);
    $left = algebraOf($rows, $misclosures, $unknowns)->without($set, 1e-6);
    $anew = algebraOf(array_values(array_diff_key($rows, array_flip($set))), array_values(array_diff_key($misclosures, array_flip($set))), $unknowns);
    $k = 0;
    foreach (array_keys($rows) as $i) {
        if (! in_array($i, $set, true)) {
            expect($left->residuals[$i])->toEqualWithDelta($anew->residuals[$k], 1e-8)
                ->and($left->redundancies[$i])->toEqualWithDelta($anew->redundancies[$k], 1e-8);
            $k++;
        }
    }
    expect($left->weightedSum)->toEqualWithDelta($anew->weightedSum, 1e-8);
})->with([
    'one' => [[4]],
    'two' => [[4, 17]],
    'three, two of them of one row' => [[4, 17, 18]],
    'none' => [[]],
]);

it('gives the mistake in a reading that was spoilt, standardised by what the others are unsure of', function () {
    [$rows, $misclosures, $unknowns] = linearNetwork(7);
    $clean = algebraOf($rows, $misclosures, $unknowns)->without([4], 1e-6);
    $misclosures[4] += 12.5;
    $spoilt = algebraOf($rows, $misclosures, $unknowns)->without([4], 1e-6);
    expect($spoilt->mistakes[0] - $clean->mistakes[0])->toEqualWithDelta(12.5, 1e-8)->and($spoilt->weightedSum)->toEqualWithDelta($clean->weightedSum, 1e-8)
        ->and($spoilt->standardised(0))->toEqualWithDelta($spoilt->mistakes[0] * sqrt(algebraOf($rows, $misclosures, $unknowns)->redundancies[4]), 1e-8);
});

it('moves the unknowns as a new solution would, and not along what is free', function () {
    [$rows, $misclosures, $unknowns] = linearNetwork(8);
    $normals = (new EnvelopeSolver)->factor($rows, $unknowns);
    $algebra = new LeftOutAlgebra($rows, $normals->cofactors(), $misclosures, $normals->freeDirections());
    $moved = $algebra->moved($algebra->without([3], 1e-6));
    $kept = array_values(array_diff_key($rows, [3 => true]));
    $right = array_fill(0, $unknowns, 0.0);
    foreach ($kept as $k => $row) {
        foreach ($row as $column => $p) {
            $right[$column] += $p * array_values(array_diff_key($misclosures, [3 => true]))[$k];
        }
    }
    $solution = (new EnvelopeSolver)->factor($kept, $unknowns)->solve($right);
    foreach ($solution as $i => $mm) {
        expect($moved[$i])->toEqualWithDelta($mm, 1e-7);
    }
});

it('leaves out nothing that the others do not check', function () {
    $rows = [[0 => 1.0], [0 => 1.0, 1 => -1.0], [0 => 1.0]];
    $algebra = algebraOf($rows, [0.0, 3.0, 1.0], 2);
    expect($algebra->redundancies)->toEqualWithDelta([0.5, 0.0, 0.5], 1e-12)->and($algebra->without([1], 0.05))->toBeNull()
        ->and($algebra->without([0, 2], 0.05))->toBeNull()->and($algebra->without([0], 0.05))->not->toBeNull();
});

it('names the reading that fits worst, and none where all fit', function () {
    $algebra = algebraOf([[0 => 1.0], [0 => 1.0], [0 => 1.0], [0 => 1.0]], [0.0, 0.1, -0.1, 8.0], 1);
    expect($algebra->without([], 0.05)->worst(3.29, 0.05))->toBe(3)->and($algebra->without([3], 0.05)->worst(3.29, 0.05))->toBeNull()
        ->and($algebra->without([3], 0.05)->contradicts(3.29))->toBeTrue()->and($algebra->without([1], 0.05)->contradicts(3.29))->toBeFalse();
});
