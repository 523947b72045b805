<?php

declare(strict_types=1);

use Geodex\Core\Findings\ChartDoubt;
use Geodex\Core\Findings\DoubtKind;
use Geodex\Core\Findings\Finding;
use Geodex\Core\Findings\HeldPull;
use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\PullPlan;
use Geodex\Core\Findings\PullPlanner;
use Geodex\Core\Findings\PullStep;
use Geodex\Core\Findings\Section;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Datum\DatumChoice;
use Geodex\Core\Survey\Datum\DoubtfulBase;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;
use Geodex\Core\Words\Sentence;

/** @param  list<DatumChoice>  $choices */
function soundResult(array $choices = [], bool $beyond = false): SurveyResult
{
    $frame = Readings::ladder(6, 3);
    $result = (new SurveyComputer)->compute($frame, Readings::survey(Readings::tour(Readings::truth($frame))));

    return new SurveyResult($result->network, $result->points, $result->readings, $result->base, $result->covariance, $result->solved, $result->explanations, [], $choices, $beyond);
}

/** @param  list<array{float, float}>  $others */
function toPull(Pattern $pattern, Section $section, float $amount = 20.0, float $sigma = 0.5, ?string $side = null, array $others = [], bool $significant = true): Finding
{
    $points = match ($section) {
        Section::Front => ['AL', 'AR'],
        Section::Centre => ['AL', 'AR', 'BL', 'BR', 'CL', 'CR'],
        Section::Rear => ['FL', 'FR'],
    };

    return new Finding($pattern, $section, $side ?? ($pattern === Pattern::ShortRail ? 'left' : null), $amount, $sigma, $significant, Sentence::plain('told', 'As it is told.'), $points, 3.0, $others, 1.96 * $sigma);
}

/**
 * @param  list<Finding>  $findings
 * @param  list<ChartDoubt>  $doubts
 */
function pullPlanOf(array $findings, array $doubts = [], ?Sentence $first = null, ?SurveyResult $result = null): PullPlan
{
    return (new PullPlanner(new SurveyOptions))->plan(Readings::ladder(6, 3), $result ?? soundResult(), $findings, $doubts, $first);
}

/** @return list<string> */
function untilOf(PullPlan $plan): array
{
    return array_map(fn (HeldPull $held): string => Said::mm($held->until), $plan->held);
}

it('pulls the centre before the front before the rear, and in each the diamond, the length, the side, the height and the twist', function () {
    $ends = [Pattern::Twist, Pattern::Sag, Pattern::Sidesway, Pattern::ShortRail];
    $findings = [
        ...array_map(fn (Pattern $pattern): Finding => toPull($pattern, Section::Rear), $ends),
        ...array_map(fn (Pattern $pattern): Finding => toPull($pattern, Section::Front), $ends),
        ...array_map(fn (Pattern $pattern): Finding => toPull($pattern, Section::Centre), [Pattern::Sag, Pattern::Twist, Pattern::Diamond]),
    ];
    expect(array_map(fn (PullStep $step): string => "$step->order {$step->section->value} {$step->pattern->value}", pullPlanOf($findings)->steps))->toBe([
        '1 centre diamond', '2 centre sag', '3 centre twist',
        '4 front short-rail', '5 front sidesway', '6 front sag', '7 front twist',
        '8 rear short-rail', '9 rear sidesway', '10 rear sag', '11 rear twist',
    ]);
});

it('tells how far, how surely and which way', function (Finding $finding, string $says) {
    $step = pullPlanOf([$finding])->steps[0];
    expect(Said::mm($step->text))->toBe($says)->and($step->amount)->toBe(20.0)->and($step->expanded)->toEqualWithDelta(0.98, 1e-12);
})->with([
    'sideways' => fn () => [toPull(Pattern::Sidesway, Section::Rear), 'Bring the rear (FL, FR) 20.0 mm: to the left.'],
    'sideways, the other way' => fn () => [toPull(Pattern::Sidesway, Section::Front, -20.0), 'Bring the front (AL, AR) 20.0 mm: to the right.'],
    'a short rail' => fn () => [toPull(Pattern::ShortRail, Section::Rear), 'Bring FL 20.0 mm: rearward.'],
    'the other rail' => fn () => [toPull(Pattern::ShortRail, Section::Front, side: 'right'), 'Bring AR 20.0 mm: forward.'],
    'a twisted end' => fn () => [toPull(Pattern::Twist, Section::Rear), 'Bring the rear (FR, FL) 20.0 mm: the right side down against the left.'],
    'the other way' => fn () => [toPull(Pattern::Twist, Section::Rear, -20.0), 'Bring the rear (FR, FL) 20.0 mm: the left side down against the right.'],
    'a sagging end' => fn () => [toPull(Pattern::Sag, Section::Front, -20.0), 'Bring the front (AL, AR) 20.0 mm: up.'],
    'a sagging middle' => fn () => [toPull(Pattern::Sag, Section::Centre, -20.0), 'Bring the centre section (BL, BR) 20.0 mm: the middle up against both ends.'],
    'a diamond' => fn () => [toPull(Pattern::Diamond, Section::Centre), 'Bring the centre section (AR, BR, CR, AL, BL, CL) 20.0 mm: the right rail forward and the left rail rearward, half each.'],
    'the other diamond' => fn () => [toPull(Pattern::Diamond, Section::Centre, -20.0), 'Bring the centre section (AR, BR, CR, AL, BL, CL) 20.0 mm: the left rail forward and the right rail rearward, half each.'],
    'a twisted middle' => fn () => [toPull(Pattern::Twist, Section::Centre), 'Bring the centre section (AR, AL, CR, CL) 20.0 mm: row AL, AR: right side up, left side down; row CL, CR: right side down, left side up, a quarter each.'],
]);

it('holds back what is not known well enough for a chain', function (float $amount, float $sigma, bool $significant, array $until) {
    expect(untilOf(pullPlanOf([toPull(Pattern::Sidesway, Section::Rear, $amount, $sigma, significant: $significant)])))->toBe($until);
})->with([
    // Nine millimetres are three tolerances; 1.96 σ of 4.6 mm is more, of 4.5 less.
    'too weakly' => [60.0, 4.6, true, ['more is read there: it is known too weakly']],
    'just well enough' => [60.0, 4.5, true, []],
    'out, but a chain wants it surer' => [5.5, 1.0, true, ['more is read there: it is out, but a chain wants it surer than 95 times in 100']],
    'too close' => [4.0, 1.0, true, ['more is read there: too close to the 3 mm allowed to call']],
    'not significant' => [6.5, 1.0, false, ['more is read there: too close to the 3 mm allowed to call']],
    'surely out' => [6.5, 1.0, true, []],
]);

it('says nothing at all of what no explanation puts out', function () {
    $plan = pullPlanOf([toPull(Pattern::Sidesway, Section::Rear, 1.0, 0.5)]);
    expect($plan->steps)->toBe([])->and($plan->held)->toBe([]);
});

it('holds back what rests on a chart that is in doubt', function (string $point, ?string $other, array $until) {
    $doubt = new ChartDoubt(DoubtKind::Swapped, $point, null, null, null, null, Sentence::plain('d', 'd'), $other);
    expect(untilOf(pullPlanOf([toPull(Pattern::Sidesway, Section::Rear)], [$doubt])))->toBe($until);
})->with([
    ['FL', null, ['the chart of FL is held against another source']],
    ['CL', 'FR', ['the chart of CL and FR is held against another source']],
    ['EL', null, []],
]);

it('holds back what the explanations do not agree on, until the reading that tells them apart is in', function () {
    $open = toPull(Pattern::Sidesway, Section::Rear, others: [[2.0, 1.0]]);
    $first = Sentence::plain('first', 'tram AL CR is read');
    expect(untilOf(pullPlanOf([$open])))->toBe(['the readings can be explained in one way only'])
        ->and(untilOf(pullPlanOf([$open], first: $first)))->toBe(['tram AL CR is read'])
        ->and(Said::mm(pullPlanOf([$open])->held[0]->what))->toBe('As it is told.')
        ->and(untilOf(pullPlanOf([toPull(Pattern::Sidesway, Section::Rear)], result: soundResult(beyond: true))))->toBe(['the readings can be explained in one way only'])
        ->and(Said::mm(pullPlanOf([toPull(Pattern::Sidesway, Section::Rear)], result: soundResult(beyond: true))->held[0]->what))->toBe('Bring the rear (FL, FR) 20.0 mm: to the left.');
});

describe('a base point in doubt', function () {
    $doubtful = fn (string $id, bool $alone = true): DoubtfulBase => new DoubtfulBase($id, Vector3::of(9, 0, 0), Vector3::of(1, 1, 1), $alone);

    it('holds back what is read from it', function () use ($doubtful) {
        $choices = [new DatumChoice(['AL', 'AR', 'BL', 'BR'], [$doubtful('CL')])];
        expect(untilOf(pullPlanOf([toPull(Pattern::Diamond, Section::Centre)], result: soundResult($choices))))->toBe(['base point CL is held against another source'])
            ->and(untilOf(pullPlanOf([toPull(Pattern::Sidesway, Section::Rear)], result: soundResult($choices))))->toBe([]);
    });

    it('holds back what comes out otherwise on another datum', function () use ($doubtful) {
        $choices = [new DatumChoice(['AL', 'AR', 'BL'], [$doubtful('CL', false)]), new DatumChoice(['AL', 'AR', 'CL'], [$doubtful('BL', false)])];
        $open = toPull(Pattern::Sidesway, Section::Rear, others: [[2.0, 1.0]]);
        expect(untilOf(pullPlanOf([$open], result: soundResult($choices))))->toBe(['base point CL is held against another source'])
            ->and(untilOf(pullPlanOf([$open], result: soundResult(array_slice($choices, 0, 1)))))->toBe(['the readings can be explained in one way only'])
            ->and(untilOf(pullPlanOf([toPull(Pattern::Sidesway, Section::Rear)], result: soundResult($choices))))->toBe([]);
    });

    it('is a shape of the frame where its mate is in doubt with it', function () use ($doubtful) {
        $both = [new DatumChoice(['AL', 'AR', 'BL', 'BR'], [$doubtful('CL'), $doubtful('CR')])];
        $perhaps = [new DatumChoice(['AL', 'AR', 'BL', 'BR'], [$doubtful('CL', false), $doubtful('CR', false)])];
        expect(untilOf(pullPlanOf([toPull(Pattern::Diamond, Section::Centre)], result: soundResult($both))))->toBe([])
            ->and(untilOf(pullPlanOf([toPull(Pattern::Diamond, Section::Centre)], result: soundResult($perhaps))))->toBe(['base point CL is held against another source']);
    });
});
