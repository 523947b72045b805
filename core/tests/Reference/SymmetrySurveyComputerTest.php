<?php

declare(strict_types=1);

use Geodex\Core\Findings\Held;
use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Reference\SymmetrySurveyComputer;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\Verdict;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

/** The ladder as somebody without a chart has it: names and mates only. */
function bare(Frame $frame): Frame
{
    return new Frame(array_map(fn (Point $point): Point => $point->at(null), $frame->points));
}

/** @return array{Frame, array<string, Vector3>} six rows, the rear right corner pushed 8 back, 4 out and 6 down */
function hitAtOneCorner(): array
{
    $frame = Readings::ladder(6);
    $at = Readings::truth($frame);
    $at['FR'] = $at['FR']->plus(Vector3::of(8, 4, -6));

    return [$frame, $at];
}

it('shows half of a mismatch on either side, since symmetry cannot say which side moved', function () {
    [$frame, $at] = hitAtOneCorner();
    $result = (new SymmetrySurveyComputer)->compute(bare($frame), Readings::survey(Readings::tour($at)))->result;
    expect($result->point('FR')->deviation->minus(Vector3::of(4, 2, -3))->norm())->toBeLessThan(1e-4)
        ->and($result->point('FL')->deviation->minus(Vector3::of(-4, 2, 3))->norm())->toBeLessThan(1e-4)
        ->and($result->point('CL')->deviation->norm())->toBeLessThan(1e-4)
        ->and($result->point('CL')->measured->minus(Vector3::of(1400, -390, 390))->norm())->toBeLessThan(1e-3);
});

it('does not depend on where the frame stands or how it is turned on the bench', function () {
    [$frame, $at] = hitAtOneCorner();
    $turned = array_map(fn (Vector3 $p): Vector3 => Vector3::of(300 + $p->x * cos(0.2) - $p->y * sin(0.2), -80 + $p->x * sin(0.2) + $p->y * cos(0.2), $p->z), $at);
    $noise = fn () => Readings::noise(11, 1.0);
    $a = (new SymmetrySurveyComputer)->compute(bare($frame), Readings::survey(Readings::tour($at, $noise())))->result;
    $b = (new SymmetrySurveyComputer)->compute(bare($frame), Readings::survey(Readings::tour($turned, $noise())))->result;
    foreach ($a->points as $i => $point) {
        expect($point->deviation->minus($b->points[$i]->deviation)->norm())->toBeLessThan(1e-3)
            ->and($point->sigma->minus($b->points[$i]->sigma)->norm())->toBeLessThan(1e-3);
    }
});

it('claims sigmas that the spread of 60 surveys bears out (seed 500 on)', function () {
    [$frame, $at] = hitAtOneCorner();
    $sums = $sigmas = [];
    for ($seed = 500; $seed < 560; $seed++) {
        $point = (new SymmetrySurveyComputer)->compute(bare($frame), Readings::survey(Readings::tour($at, Readings::noise($seed, 1.0))))->result->point('ER');
        foreach ($point->deviation->toArray() as $axis => $mm) {
            $sums[$axis] = ($sums[$axis] ?? 0.0) + $mm ** 2;
            $sigmas[$axis] = $point->sigma->toArray()[$axis];
        }
    }
    foreach ($sums as $axis => $sum) {
        expect(sqrt($sum / 60) / $sigmas[$axis])->toBeGreaterThan(0.72)->toBeLessThan(1.28);
    }
})->group('slow');

it('holds the mirror plane on the rows taken as undamaged', function () {
    [$frame, $at] = hitAtOneCorner();
    // The rear half swung 15 mm to the right as one piece: rows A to C are base.
    foreach (['DL', 'DR', 'EL', 'ER'] as $id) {
        $at[$id] = $at[$id]->plus(Vector3::of(0, 15, 0));
    }
    $result = (new SymmetrySurveyComputer)->compute(bare($frame), Readings::survey(Readings::tour($at)))->result;
    expect($result->point('ER')->deviation->y)->toEqualWithDelta(15.0, 1e-3)->and($result->point('EL')->deviation->y)->toEqualWithDelta(15.0, 1e-3)
        ->and($result->point('BL')->deviation->norm())->toBeLessThan(1e-3);
});

it('is used by the assessor when there is no chart, and never says there is no sag', function () {
    [$frame, $at] = hitAtOneCorner();
    $assessment = (new SurveyAssessor)->assess(bare($frame), Readings::survey(Readings::tour($at)));
    expect($assessment->against)->toBe(Held::Mirror)->and(array_filter($assessment->findings, fn ($finding): bool => $finding->pattern->value === 'sag'))->toBe([])
        ->and(collectPatterns($assessment->findings))->toContain('rear twist', 'rear short-rail');
});

/** @return list<string> */
function collectPatterns(array $findings): array
{
    return array_map(fn ($finding): string => "{$finding->section->value} {$finding->pattern->value}", $findings);
}

it('pulls no rail on symmetry alone, and says that it cannot tell which of the two moved', function () {
    [$frame, $at] = hitAtOneCorner();
    $assessment = (new SurveyAssessor)->assess(bare($frame), Readings::survey(Readings::tour($at)));
    $rails = array_values(array_filter($assessment->findings, fn ($finding): bool => $finding->pattern->value === 'short-rail' && $finding->significant));
    expect(Said::mm($rails[0]->text))->toContain('symmetry cannot say which of them moved')
        ->and(array_filter($assessment->pulls, fn ($step): bool => $step->pattern->value === 'short-rail'))->toBe([]);
});

it('decides and suggests readings without a chart', function () {
    [$frame, $at] = hitAtOneCorner();
    $assessment = (new SurveyAssessor)->assess(bare($frame), Readings::survey(Readings::tour($at)));
    expect($assessment->survey->point('CL')->verdict)->toBe(Verdict::In)
        ->and($assessment->next)->not->toBe([]);
    // Taking the suggested reading brings what was promised: less uncertainty where it was undecided.
    $undecided = fn ($assessment): float => array_sum(array_map(fn ($point): float => $point->verdict === Verdict::Unsure ? $point->sigma->norm() : 0.0, $assessment->survey->points));
    $next = $assessment->next[0];
    $better = (new SurveyAssessor)->assess(bare($frame), Readings::survey([...Readings::tour($at), Readings::true("$next->kind ".implode(' ', $next->points), $at, id: 'next')]));
    expect($undecided($better))->toBeLessThan($undecided($assessment));
});

it('asks for mates and for heights where it cannot do without', function () {
    [$frame, $at] = hitAtOneCorner();
    $unmated = new Frame(array_map(fn (Point $p): Point => new Point($p->id, $p->name, $p->side, null, null, null, $p->tolerance, $p->base), $frame->points));
    expect(fn () => (new SymmetrySurveyComputer)->compute($unmated, Readings::survey(Readings::tour($at))))->toThrow(CannotComputeSurvey::class, 'three pairs of mates')
        ->and(fn () => (new SymmetrySurveyComputer)->compute(bare($frame), Readings::survey(Readings::tour($at, heights: false))))->toThrow(CannotComputeSurvey::class, 'Read a height or a rise');
});

describe('a chart with gaps', function () {
    it('places the missing points by their readings, to where the full chart puts them', function (int $rows, int $seed) {
        $frame = Readings::ladder($rows);
        $readings = Readings::tour(Readings::truth($frame), Readings::noise($seed, 1.0));
        $gaps = new Frame(array_map(fn (Point $point): Point => $point->base ? $point : $point->at(null), $frame->points));
        $full = (new SurveyComputer)->compute($frame, Readings::survey($readings));
        $result = (new SurveyComputer)->compute($gaps, Readings::survey($readings));
        foreach ($full->points as $i => $point) {
            expect($point->measured->minus($result->points[$i]->measured)->norm())->toBeLessThan(1e-4);
        }
        expect($result->point('DL')->deviation)->toBeNull()
            ->and($result->point('DL')->verdict)->toBe(Verdict::Unsure);
    })->with([[5, 1], [8, 2]]);
});
