<?php

declare(strict_types=1);

use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Repeat\RepeatFinder;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Tests\Support\Readings;

/** @return list<Reading> the same tram read with these errors, every other one from the far end */
function again(array $errors, float $sigma = 1.0): array
{
    $at = Readings::truth(Readings::ladder(4));
    $readings = [];
    foreach ($errors as $i => $error) {
        $r = Readings::true($i % 2 === 0 ? 'tram AL CR' : 'tram CR AL', $at, $error, id: "t$i");
        $readings[] = new Reading($r->id, $r->kind, $r->value, $sigma);
    }

    return $readings;
}

it('pools readings of the same thing from either end', function () {
    [$repeat] = (new RepeatFinder)->find(Readings::survey(again([-1.0, 1.0, 0.6])));
    $true = Readings::true('tram AL CR', Readings::truth(Readings::ladder(4)))->value;
    expect($repeat->readings)->toBe(['t0', 't1', 't2'])->and($repeat->mean)->toEqualWithDelta($true + 0.2, 1e-9)
        ->and($repeat->sigma)->toEqualWithDelta(1 / sqrt(3), 1e-12)->and($repeat->spread)->toEqualWithDelta(2.0, 1e-9)->and($repeat->agree)->toBeTrue();
});

it('weighs the better tool more', function () {
    [$a] = again([0.0]);
    [$b] = again([4.0], 3.0);
    [$repeat] = (new RepeatFinder)->find(Readings::survey([$a, new Reading('b', $b->kind, $b->value, 3.0)]));
    expect($repeat->mean - $a->value)->toEqualWithDelta(4.0 / 10, 1e-9);
});

it('says when repeats differ more than the tool allows', function () {
    // Two readings of sigma 1 differ by more than 2.576 √2 in one good pair of a hundred.
    expect((new RepeatFinder)->find(Readings::survey(again([0.0, 3.6])))[0]->agree)->toBeTrue()
        ->and((new RepeatFinder)->find(Readings::survey(again([0.0, 3.7])))[0]->agree)->toBeFalse();
});

it('keeps apart what is not the same: other pointers, a rise from the other end, a struck reading', function () {
    $at = Readings::truth(Readings::ladder(4));
    $struck = Readings::true('tram AL CR', $at, id: 'x');
    expect((new RepeatFinder)->find(Readings::survey([
        Readings::true('tram AL CR', $at, id: 'a'), Readings::true('tram AL CR', $at, pointers: [50.0, 150.0], id: 'b'),
        Readings::true('rise AL CR', $at, id: 'c'), Readings::true('rise CR AL', $at, id: 'd'),
        new Reading('x', $struck->kind, $struck->value, 1.0, 'misread'),
    ])))->toBe([]);
});

it('changes the frame as one reading of their mean would', function () {
    $frame = Readings::ladder(4);
    $tour = Readings::tour(Readings::truth($frame), Readings::noise(5, 1.0));
    $twice = again([0.5, 1.5]);
    $pooled = new Reading('p', $twice[0]->kind, ($twice[0]->value + $twice[1]->value) / 2, sqrt(0.5));
    $one = (new SurveyComputer)->compute($frame, Readings::survey([...$tour, $pooled]));
    $two = (new SurveyComputer)->compute($frame, Readings::survey([...$tour, ...$twice]));
    foreach ($one->points as $i => $point) {
        expect($point->measured->minus($two->points[$i]->measured)->norm())->toBeLessThan(1e-5)
            ->and($point->sigma->minus($two->points[$i]->sigma)->norm())->toBeLessThan(1e-5);
    }
});
