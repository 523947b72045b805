<?php

declare(strict_types=1);

use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;
use Geodex\Core\Survey\NetworkSummary;
use Geodex\Core\Survey\SurveyOptions;

it('has the limits of docs/formulas.md where a shop sets none', function () {
    expect(get_object_vars(new SurveyOptions))->toBe([
        'critical' => 3.29,
        'minRedundancy' => 0.05,
        'maxShare' => 0.25,
        'coverage' => 1.96,
        'reach' => 2500.0,
        'straightedge' => 1500.0,
        'suggestions' => 5,
        'kinds' => ['tram', 'height', 'rise', 'offset'],
        'buildScatter' => 1.0,
        'testsBase' => true,
        'trusted' => 3.0,
        'seconds' => 2.0,
        'budget' => null,
    ]);
});

it('lets a shop set how far it reaches and what it takes for a sound frame', function () {
    $said = array_map(fn (ShopDefault $one): array => [$one->group, $one->name(), $one->field->min, $one->field->max, $one->usual()], SurveyOptions::shopDefaults());
    expect($said)->toBe([
        ['Measuring', 'tramReach', 300.0, 10_000.0, 2500.0],
        ['Measuring', 'straightedge', 300.0, 6_000.0, 1500.0],
        ['Measuring', 'buildScatter', 0.1, 10.0, 1.0],
    ]);
});

it('takes what a shop has set, and a tram bar that it has named before that', function () {
    $shop = new Shop(['tramReach' => 3100.0, 'straightedge' => 1800.0, 'buildScatter' => 1.5]);
    $set = SurveyOptions::of($shop);
    expect([$set->reach, $set->straightedge, $set->buildScatter])->toBe([3100.0, 1800.0, 1.5])
        ->and(SurveyOptions::of($shop, 2200.0)->reach)->toBe(2200.0)
        ->and(get_object_vars(SurveyOptions::of(new Shop([]))))->toBe(get_object_vars(new SurveyOptions));
});

it('changes one limit and keeps the others', function () {
    $shop = new SurveyOptions(critical: 3.0, reach: 1800.0, suggestions: 4, seconds: 7.0);
    $all = get_object_vars($shop);
    expect(get_object_vars($shop->with(suggestions: 9)))->toBe([...$all, 'suggestions' => 9])
        ->and(get_object_vars($shop->withoutBaseTest()))->toBe([...$all, 'testsBase' => false])
        ->and(array_diff_key(get_object_vars($shop->timed()), ['budget' => 1]))->toBe(array_diff_key($all, ['budget' => 1]));
});

it('lets the time run once, from the first computation on', function () {
    $timed = (new SurveyOptions)->timed();
    expect($timed->budget)->not->toBeNull()
        ->and($timed->budget?->isSpent())->toBeFalse()
        ->and($timed->timed())->toBe($timed)
        ->and((new SurveyOptions(seconds: -1.0))->timed()->budget?->isSpent())->toBeTrue();
});

it('widens intervals by the root of the variance factor, only where readings scatter more than they claim', function (?float $factor, bool $consistent, float $widening) {
    $network = new NetworkSummary(readings: 40, unknowns: 30, gauge: 6, redundancy: 16, varianceFactor: $factor, iterations: 3, consistent: $consistent);
    expect($network->widening())->toBe($widening);
})->with([
    'as claimed' => [1.4, true, 1.0],
    'four times' => [4.0, false, 2.0],
    'two and a quarter times' => [2.25, false, 1.5],
    'less than claimed' => [0.25, false, 1.0],
    'nothing to tell it by' => [null, false, 1.0],
]);
