<?php

declare(strict_types=1);

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\ReadingStatus;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Tests\Support\Readings;

/** Surveys of frames whose truth is known, with the noise that the sigmas claim. */
function simulated(int $seed, int $rows = 5): array
{
    $frame = Readings::ladder($rows);
    $noise = Readings::noise($seed, 1.0);
    $truth = array_map(
        fn (Vector3 $place): Vector3 => $place->plus(Vector3::of($noise(), $noise(), $noise())),
        Readings::truth($frame),
    );
    $readings = array_map(
        fn (Reading $reading): Reading => new Reading($reading->id, $reading->kind, $reading->value + $reading->sigma * $noise(), $reading->sigma),
        Readings::tour($truth),
    );

    return [$frame, $truth, $readings];
}

it('gives 95 % intervals that hold about 95 % of the distances between points (40 frames, seeds 1000 on)', function () {
    $inside = $all = 0;
    for ($seed = 1000; $seed < 1040; $seed++) {
        [$frame, $truth, $readings] = simulated($seed);
        $result = (new SurveyComputer)->compute($frame, Readings::survey($readings));
        foreach ([['AL', 'EL'], ['AR', 'ER'], ['BL', 'DR'], ['CL', 'ER'], ['DL', 'DR']] as [$from, $to]) {
            $p = $result->point($from)->measured;
            $q = $result->point($to)->measured;
            $direction = $q->minus($p)->unit()->toArray();
            $weights = [];
            foreach ($direction as $axis => $part) {
                $weights[$result->covariance->columns[$from] + $axis] = -$part;
                $weights[$result->covariance->columns[$to] + $axis] = $part;
            }
            $off = $q->minus($p)->norm() - $truth[$to]->minus($truth[$from])->norm();
            $inside += abs($off) <= 1.96 * $result->covariance->sigma($weights) ? 1 : 0;
            $all++;
        }
    }
    expect($inside / $all)->toBeGreaterThan(0.91)->toBeLessThan(0.985);
})->group('slow');

it('accuses few good readings (40 frames)', function () {
    $accused = $all = 0;
    for ($seed = 2000; $seed < 2040; $seed++) {
        [$frame, , $readings] = simulated($seed);
        foreach ((new SurveyComputer)->compute($frame, Readings::survey($readings))->readings as $reading) {
            $accused += $reading->status === ReadingStatus::Suspect ? 1 : 0;
            $all++;
        }
    }
    expect($accused / $all)->toBeLessThan(0.01);
})->group('slow');

it('finds an inch in a tram, wherever it is well checked (every tram of a frame in turn)', function () {
    [$frame, , $readings] = simulated(3000, 6);
    $clean = (new SurveyComputer)->compute($frame, Readings::survey($readings));
    $found = $tried = 0;
    foreach ($readings as $i => $reading) {
        if ($reading->kind::name() !== 'tram' || ($clean->readings[$i]->redundancy ?? 0) < 0.25) {
            continue;
        }
        $wrong = $readings;
        $wrong[$i] = new Reading('liar', $reading->kind, $reading->value + 25.4, $reading->sigma);
        $result = (new SurveyComputer)->compute($frame, Readings::survey($wrong));
        $found += $result->readings[$i]->status === ReadingStatus::Suspect ? 1 : 0;
        $tried++;
    }
    expect($tried)->toBeGreaterThan(15)->and($found / $tried)->toBeGreaterThan(0.9);
})->group('slow');

it('has a variance factor near one when the sigmas are true (25 frames)', function () {
    $factors = [];
    for ($seed = 4000; $seed < 4025; $seed++) {
        [$frame, , $readings] = simulated($seed, 6);
        $factors[] = (new SurveyComputer)->compute($frame, Readings::survey($readings))->network->varianceFactor;
    }
    expect(array_sum($factors) / count($factors))->toBeGreaterThan(0.85)->toBeLessThan(1.15);
})->group('slow');
