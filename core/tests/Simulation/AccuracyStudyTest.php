<?php

declare(strict_types=1);

use Geodex\Core\Simulation\AccuracyReport;
use Geodex\Core\Simulation\AccuracyStudy;

it('gives 95 % intervals that hold 93 to 97 % of true coordinates (500 frames)', function () {
    $count = (new AccuracyStudy)->intervals(500, 10_000);
    expect($count['coordinates'])->toBeGreaterThan(10_000)
        ->and($count['held'] / $count['coordinates'])->toBeGreaterThan(0.93)->toBeLessThan(0.97)
        ->and($count['accused'] / $count['good'])->toBeLessThan(0.01);
});

it('finds at least 95 % of single mistakes over the smallest detectable size and accuses at most 1 % of good readings (120 frames)', function () {
    $count = (new AccuracyStudy)->mistakes(120, 20_000);
    expect($count['mistakes'])->toBe(120)->and($count['found'] / $count['mistakes'])->toBeGreaterThanOrEqual(0.95)
        ->and($count['accused'] / $count['good'])->toBeLessThan(0.01);
});

it('settles a frame by its advice with at most two thirds of the readings of a fixed tour', function () {
    [$row] = (new AccuracyStudy)->advice(1, 30_000);
    expect($row['advised'] / $row['fixed'])->toBeLessThan(0.67);
});

it('writes the page of docs, with what was asked beside what was found', function () {
    expect((new AccuracyReport)->write(1, 30_000))->toContain('| 95 % intervals that hold the true coordinate | 93 to 97 % | ')
        ->toContain('| starting tour, one mistake | wrong verdicts | at most 0.5 % | ')->toContain('| more than one explanation | – | ')
        ->toContain('geodex accuracy --frames 1 --seed 30000')->toMatch('/\| 2300\d\d \| \d+ \| \d+ \| \d+ % \|/');
});
