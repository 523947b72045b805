<?php

declare(strict_types=1);

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Datum\DatumDecision;
use Geodex\Core\Survey\Datum\DoubtfulBase;
use Geodex\Core\Survey\Reason;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Survey\SurveyStage;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

/** @param  array<string, array{float, float, float}>  $moved  mm off the chart */
function laidOn(array $moved, int $base = 3, array $datum = [], ?SurveyOptions $options = null): SurveyResult
{
    $frame = Readings::ladder(5, $base);
    $truth = Readings::truth($frame);
    foreach ($moved as $id => $by) {
        $truth[$id] = $truth[$id]->plus(Vector3::of(...$by));
    }

    return (new SurveyComputer($options ?? new SurveyOptions))->compute($frame, new Survey('before', SurveyStage::Before, Readings::tour($truth, Readings::noise(3, 0.3)), [], $datum));
}

/** @return list<string> */
function doubted(SurveyResult $result): array
{
    return array_map(fn (DoubtfulBase $one): string => $one->id, $result->doubtfulBase());
}

it('lets sound base points be', function () {
    $result = laidOn([]);
    expect(doubted($result))->toBe([])
        ->and($result->base)->toBe(['AL', 'AR', 'BL', 'BR', 'CL', 'CR']);
});

it('names one bent base point, by how much and which way, and lays the frame on the others', function (string $id, array $by, string $says) {
    $result = laidOn([$id => $by]);
    expect(doubted($result))->toBe([$id])->and($result->base)->not->toContain($id)->and($result->doubtfulBase()[0]->off->toArray())->toEqualWithDelta($by, 1.5)
        ->and(Said::mm($result->doubtfulBase()[0]->text()))->toContain($says)->toContain('the point is bent, or its line in the chart is wrong')
        ->and($result->point('EL')->deviation->norm())->toBeLessThan(2.0);
})->with([
    'up' => ['BR', [0.0, 0.0, 14.0], 'up of where'],
    'rearward' => ['AL', [12.0, 0.0, 0.0], 'rearward of where'],
    'to the left' => ['CR', [0.0, -12.0, 0.0], 'to the left of where'],
]);

it('says that four base points cannot tell which of them is off in height, and decides nothing that hangs on it', function () {
    $result = laidOn(['BR' => [0.0, 0.0, 20.0]], base: 2);
    expect(count(doubted($result)))->toBeGreaterThan(1)->and(doubted($result))->toContain('BR')->and(Said::mm($result->doubtfulBase()[0]->text()))->toContain('cannot tell it from the others')
        ->and(array_merge(...array_map(fn ($point): array => $point->reasons, $result->points)))->toContain(Reason::Datum);
});

it('takes a twist of the whole section for its shape, and accuses no point', function () {
    $result = laidOn(['AL' => [0, 0, 8], 'AR' => [0, 0, -8], 'CL' => [0, 0, -8], 'CR' => [0, 0, 8]]);
    expect(doubted($result))->toBe([])->and($result->base)->toHaveCount(6);
});

it('believes the scatter that a shop builds with', function () {
    expect(doubted(laidOn(['BR' => [0.0, 0.0, 9.0]])))->toBe(['BR'])
        ->and(doubted(laidOn(['BR' => [0.0, 0.0, 9.0]], options: new SurveyOptions(buildScatter: 6.0))))->toBe([]);
});

it('does what a person decided: out of the datum, or in it against the test', function () {
    $out = laidOn([], datum: [new DatumDecision('AL', false, 'horn bent')]);
    $in = laidOn(['BR' => [0.0, 0.0, 14.0]], datum: [new DatumDecision('BR', true, 'sheet read again')]);
    $more = laidOn([], datum: [new DatumDecision('EL', true, 'sound')]);
    expect($out->base)->not->toContain('AL')
        ->and($in->base)->toContain('BR')
        ->and($more->base)->toContain('EL');
});

it('leaves no more than a third of the base points out, and never the last three', function () {
    $result = laidOn(['AL' => [0, 0, 15], 'BR' => [0, 14, 0], 'CL' => [13, 0, 0]]);
    expect(count($result->base))->toBeGreaterThanOrEqual(4);
});
