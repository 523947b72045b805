<?php

declare(strict_types=1);

use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyedPlaces;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Tests\Support\Readings;

/** @param  ?callable(Reading): bool  $keep */
function placesRead(?callable $keep = null): SurveyResult
{
    $truth = Readings::truth(Readings::ladder(4));

    return (new SurveyComputer)->compute(Readings::ladder(4), Readings::survey(array_values(array_filter(Readings::tour($truth, Readings::noise(6, 0.3)), $keep ?? fn (): bool => true))));
}

it('keeps where the survey found each point', function () {
    $result = placesRead();
    $places = SurveyedPlaces::of($result);
    expect(array_keys($places->inSpace()))->toBe(['AL', 'AR', 'BL', 'BR', 'CL', 'CR', 'DL', 'DR'])
        ->and($places->inPlan())->toEqual($places->inSpace())
        ->and($places->inSpace()['CR'])->toEqual($result->point('CR')?->measured);
});

it('has no height where none is read, and no place where nothing holds it', function () {
    // DR hangs on one length; the heights of row C are not read, and flat lengths do not tell them.
    $result = placesRead(fn (Reading $one): bool => ! in_array('DR', $one->kind->points(), true) || $one->id === 'tram CR DR');
    expect(SurveyedPlaces::of($result)->inPlan())->not->toHaveKey('DR')->toHaveKey('DL');
    $determined = array_map(fn ($point) => new Geodex\Core\Survey\PointResult(...[...get_object_vars($point), 'determined' => match ($point->id) {
        'CL' => [true, true, false],
        'CR' => [true, false, true],
        'DL' => [false, true, true],
        'DR' => null,
        default => [true, true, true],
    }, ...($point->id === 'BL' ? ['measured' => null] : [])]), placesRead()->points);
    $places = SurveyedPlaces::of(new SurveyResult(...[...get_object_vars(placesRead()), 'points' => $determined]));
    expect(array_keys($places->inPlan()))->toBe(['AL', 'AR', 'BR', 'CL'])
        ->and(array_keys($places->inSpace()))->toBe(['AL', 'AR', 'BR']);
});

it('tells how what is unsure of several points hangs together, along and across, in the order asked', function () {
    $result = placesRead();
    $places = SurveyedPlaces::of($result);
    [$cr, $al] = [$result->covariance->columns['CR'], $result->covariance->columns['AL']];
    $matrix = $result->covariance->matrix;
    $covariance = $places->covariance(['CR', 'AL']);
    foreach ([$cr, $cr + 1, $al, $al + 1] as $i => $row) {
        foreach ([$cr, $cr + 1, $al, $al + 1] as $j => $column) {
            expect($covariance[$i][$j])->toEqualWithDelta(($matrix[$row][$column] + $matrix[$column][$row]) / 2, 1e-15);
        }
    }
    expect($covariance)->toHaveCount(4)
        ->and($covariance[0][0])->toBeGreaterThan(0.0)
        ->and($places->covariance(['CR', 'Z']))->toBeNull();
});

it('knows nothing where there is no survey', function () {
    expect(SurveyedPlaces::none()->inPlan())->toBe([])
        ->and(SurveyedPlaces::none()->inSpace())->toBe([])
        ->and(SurveyedPlaces::none()->covariance(['A']))->toBeNull();
});
