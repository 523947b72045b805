<?php

declare(strict_types=1);

use Geodex\Core\Findings\Assessment;
use Geodex\Core\Findings\PullStep;
use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Verdict;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

/** The ladder with these points moved, surveyed with so good a tool that everything is decided. */
function assessed(array $moved, float $sigma = 0.1, ?Frame $chart = null): Assessment
{
    $frame = Readings::ladder(6, 3);
    $at = Readings::truth($frame);
    foreach ($moved as $id => [$x, $y, $z]) {
        $at[$id] = $at[$id]->plus(Vector3::of($x, $y, $z));
    }
    $readings = [];
    // Everything twice, so that every reading is checked.
    foreach (['a', 'b'] as $round) {
        array_push($readings, ...array_map(fn (Reading $r): Reading => new Reading("$round $r->id", $r->kind, $r->value, $sigma), Readings::tour($at)));
    }

    return (new SurveyAssessor)->assess($chart ?? $frame, Readings::survey($readings));
}

describe('the verdict', function () {
    it('is fit where every point is within tolerance', function () {
        $fit = assessed(['FL' => [0.5, -0.5, 1.0]])->fit;
        expect($fit->state->value)->toBe('fit')
            ->and(Said::mm($fit->reasons[0]))->toContain('within its tolerance');
    });

    it('is straighten first where a pattern is surely beyond its tolerance, and says which', function () {
        $fit = assessed(['FL' => [0, 12, 0], 'FR' => [0, 12, 0]])->fit;
        expect($fit->state->value)->toBe('straighten')->and(Said::mm($fit->reasons[0]))->toBe('The rear stands to the right by 12.0 ± 0.4 mm, more than the 3 mm allowed.')
            ->and(Said::mm($fit->reasons))->toContain('2 points are out of tolerance: FL, FR');
    });

    it('is undecided where readings are too few or too coarse, and says of what', function () {
        $fit = assessed([], 1.0)->fit;
        expect($fit->state->value)->toBe('undecided')
            ->and(Said::mm($fit->reasons[0]))->toStartWith('Not decided: ');
    });

    it('never hides what symmetry cannot show', function () {
        $bare = new Frame(array_map(fn (Point $point): Point => $point->at(null), Readings::ladder(6)->points));
        expect(Said::mm(assessed([], 0.1, $bare)->fit->reasons))->toContain('what bent both sides alike, such as sag, does not show');
    });
});

describe('the pull plan', function () {
    it('goes centre first, then length, sidesway, height and twist', function () {
        $pulls = assessed(['FL' => [-10, 8, 14], 'FR' => [0, 8, 2], 'BR' => [5, 0, 0], 'AR' => [5, 0, 0], 'CR' => [5, 0, 0], 'DR' => [5, 0, 0], 'ER' => [5, 0, 0]])->pulls;
        expect(array_map(fn (PullStep $step): string => "$step->order {$step->section->value} {$step->pattern->value}", $pulls))
            ->toBe(['1 centre diamond', '2 rear short-rail', '3 rear short-rail', '4 rear sidesway', '5 rear sag', '6 rear twist']);
    });

    it('says how far and which way, and what the tram reads then', function () {
        $pulls = assessed(['FL' => [0, 12, 0], 'FR' => [0, 12, 0]])->pulls;
        expect($pulls)->toHaveCount(1)->and($pulls[0]->direction)->toBe('to the left')->and($pulls[0]->amount)->toEqualWithDelta(12.0, 0.01)
            ->and(Said::mm($pulls[0]->text))->toBe('Bring the rear (FL, FR) 12.0 mm: to the left.');
        $at = Readings::truth(Readings::ladder(6));
        foreach ($pulls[0]->checks as $check) {
            [$from, $to] = explode(' ', $check->call);
            expect($check->target)->toEqualWithDelta($at[$to]->minus($at[$from])->norm(), 0.01)
                ->and(abs($check->now - $check->target))->toBeGreaterThan(2.0);
        }
    });

    it('pulls the way that undoes the damage', function (array $moved, string $direction) {
        expect(assessed($moved)->pulls[0]->direction)->toBe($direction);
    })->with([
        'short left rail at the rear' => [['FL' => [-9, 0, 0]], 'rearward'],
        'long right rail at the rear' => [['FR' => [9, 0, 0]], 'forward'],
        'sagging rear' => [['FL' => [0, 0, -9], 'FR' => [0, 0, -9]], 'up'],
        'right side high' => [['FL' => [0, 0, -5], 'FR' => [0, 0, 5]], 'the right side down against the left'],
    ]);

    it('watches heights where heights are out, since a tram hardly notices them', function () {
        $twist = assessed(['FL' => [0, 0, -5], 'FR' => [0, 0, 5]])->pulls[0]->checks;
        expect($twist)->toHaveCount(1)->and($twist[0]->kind)->toBe('rise')->and($twist[0]->call)->toBe('FL FR')
            ->and($twist[0]->now)->toEqualWithDelta(10.0, 0.05)->and($twist[0]->target)->toEqualWithDelta(0.0, 0.05);
        $sag = assessed(['FL' => [0, 0, -9], 'FR' => [0, 0, -9]])->pulls[0]->checks[0];
        expect($sag->kind)->toBe('rise')
            ->and($sag->target - $sag->now)->toEqualWithDelta(9.0, 0.05);
    });

    it('pulls nothing that is within tolerance', function () {
        expect(assessed(['FL' => [0, 1.5, 0], 'FR' => [0, 1.5, 0]])->pulls)->toBe([]);
    });
});

describe('a mistake in the chart', function () {
    /** A chart in which one value of one point is wrong. */
    function miscopied(string $id, Vector3 $place): Frame
    {
        return new Frame(array_map(fn (Point $p): Point => $p->id === $id ? $p->at($place) : $p, Readings::ladder(6, 3)->points));
    }

    it('is told from a bent frame by its round figure and its sound mate', function (string $id, Vector3 $place, string $slip, float $meant) {
        $assessment = assessed([], 0.2, miscopied($id, $place));
        expect($assessment->doubts)->toHaveCount(1)->and($assessment->doubts[0]->point)->toBe($id)
            ->and(Said::mm($assessment->doubts[0]->text))->toContain($slip)->and($assessment->doubts[0]->suggested)->toBe($meant)
            ->and($assessment->fit->state->value)->toBe('undecided')->and(Said::mm($assessment->fit->reasons[0]))->toBe("The chart of $id is in doubt.");
    })->with([
        'twenty millimetres' => ['ER', Vector3::of(2920, 390, 420), 'a round 20 mm', 2900.0],
        'an inch' => ['ER', Vector3::of(2900 + 25.4, 390, 420), 'one inch', 2900.0],
        'swapped digits' => ['ER', Vector3::of(2900, 930, 420), 'two digits swapped', 390.0],
        'of a base point, which draws the datum' => ['BR', Vector3::of(800, 410, 440), 'a round 20 mm', 420.0],
    ]);

    it('is not asked about where a bent point is as likely: ten millimetres are no evidence', function () {
        expect(assessed([], 0.2, miscopied('ER', Vector3::of(2910, 390, 420)))->doubts)->toBe([]);
    });

    it('is not seen in damage that is not round, or that the mate shares', function () {
        expect(assessed(['ER' => [13.7, 0, 0]], 0.2)->doubts)->toBe([])
            ->and(assessed(['ER' => [10, 0, 0], 'EL' => [10, 0, 0]], 0.2)->doubts)->toBe([])
            ->and(assessed(['ER' => [10, 6, -4]], 0.2)->doubts)->toBe([]);
    });
});

it('decides what a good survey leaves decided', function () {
    foreach (assessed([])->survey->points as $point) {
        expect($point->verdict)->toBe(Verdict::In);
    }
});
