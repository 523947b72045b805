<?php

declare(strict_types=1);

use Geodex\Core\Findings\FindingsReader;
use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\PullPlanner;
use Geodex\Core\Findings\PullStep;
use Geodex\Core\Findings\Section;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Simulation\Damage;
use Geodex\Core\Simulation\FrameBender;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Tests\Support\Readings;

/** A ladder of nine rows with three base rows in the middle. */
function middleLadder(): Frame
{
    return new Frame(array_map(fn (Point $p): Point => $p->at($p->reference, null, in_array($p->id[0], ['D', 'E', 'F'], true)), Readings::ladder(9, 0)->points));
}

/** @return list<PullStep> */
function pullsFor(array $damages, ?SurveyOptions $options = null, float $sigma = 0.1): array
{
    $frame = middleLadder();
    $bent = (new FrameBender)->bend($frame, $damages);
    $readings = array_map(fn (Reading $r): Reading => new Reading($r->id, $r->kind, $r->value, $sigma), Readings::tour($bent->truth));
    $result = (new SurveyComputer)->compute($frame, Readings::survey($readings));
    $options ??= new SurveyOptions;

    return (new PullPlanner($options))->plan($frame, $result, (new FindingsReader($options))->read($frame, $result))->steps;
}

it('goes through the sections in the order in which they hang on each other', function () {
    $pulls = pullsFor([
        new Damage(Pattern::Sidesway, Section::Rear, 12.0), new Damage(Pattern::Sidesway, Section::Front, -10.0), new Damage(Pattern::Diamond, Section::Centre, 9.0),
    ]);
    expect(array_values(array_unique(array_map(fn (PullStep $step): string => $step->section->value, $pulls))))->toBe(['centre', 'front', 'rear'])
        ->and($pulls[0]->pattern)->toBe(Pattern::Diamond)->and(array_map(fn (PullStep $step): int => $step->order, $pulls))->toBe(range(1, count($pulls)));
});

it('undoes what was done: pulled by what it says, the frame is straight', function (Damage $damage) {
    $frame = middleLadder();
    $truth = (new FrameBender)->bend($frame, [$damage])->truth;
    foreach (pullsFor([$damage]) as $step) {
        foreach ($step->parts as $part) {
            foreach ($part->points as $id) {
                $truth[$id] = $truth[$id]->plus($part->way->by($part->amount));
            }
        }
    }
    foreach (['AL', 'AR', 'IL', 'IR'] as $id) {
        expect($truth[$id]->minus($frame->point($id)->reference)->norm())->toBeLessThan(0.3);
    }
})->with([
    'rear to the right' => [new Damage(Pattern::Sidesway, Section::Rear, 12.0)],
    'front to the left' => [new Damage(Pattern::Sidesway, Section::Front, -9.0)],
    'rear sagging' => [new Damage(Pattern::Sag, Section::Rear, -11.0)],
    'front standing high' => [new Damage(Pattern::Sag, Section::Front, 8.0)],
    'front twisted' => [new Damage(Pattern::Twist, Section::Front, 10.0)],
    'rear twisted the other way' => [new Damage(Pattern::Twist, Section::Rear, -10.0)],
    'left rail short at the front' => [new Damage(Pattern::ShortRail, Section::Front, 9.0, 'left')],
    'right rail short at the rear' => [new Damage(Pattern::ShortRail, Section::Rear, 9.0, 'right')],
]);

it('names a tram that reads its target once the pull is done', function () {
    $step = pullsFor([new Damage(Pattern::Sidesway, Section::Rear, 12.0)])[0];
    expect($step->checks)->toHaveCount(2);
    foreach ($step->checks as $check) {
        [$from, $to] = explode(' ', $check->call);
        $chart = middleLadder();
        expect($check->kind)->toBe('tram')->and($check->target)->toEqualWithDelta($chart->point($to)->reference->minus($chart->point($from)->reference)->norm(), 0.2)
            ->and($chart->point($from)->base)->toBeTrue()->and($from[1])->not->toBe($to[1]);
    }
});

it('names no tram that the bar does not reach', function () {
    expect(pullsFor([new Damage(Pattern::Sidesway, Section::Rear, 12.0)], new SurveyOptions(reach: 600.0))[0]->checks)->toBe([]);
});

it('pulls nothing that the readings cannot show', function () {
    expect(pullsFor([new Damage(Pattern::Sidesway, Section::Rear, 4.0)], sigma: 2.0))->toBe([])
        ->and(pullsFor([]))->toBe([]);
});
