<?php

declare(strict_types=1);

use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Frame\UnknownPoint;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\ReadingStatus;
use Geodex\Core\Survey\ReasonToRead;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Survey\Verdict;
use Geodex\Core\Tests\Support\Readings;

function computed(Frame $frame, array $readings): SurveyResult
{
    return (new SurveyComputer)->compute($frame, Readings::survey($readings));
}

function suspectsOf(SurveyResult $result): array
{
    return array_values(array_map(fn ($r) => $r->id, array_filter($result->readings, fn ($r) => $r->status === ReadingStatus::Suspect)));
}

/** Every coordinate of every point within $mm. */
function expectSamePlaces(SurveyResult $a, SurveyResult $b, float $mm): void
{
    foreach ($a->points as $point) {
        expect($point->measured->minus($b->point($point->id)->measured)->norm())->toBeLessThan($mm);
    }
}

describe('a survey without noise', function () {
    it('finds a rear corner 12 mm high exactly, and everything else where it belongs', function () {
        $frame = Readings::ladder(6);
        $truth = Readings::truth($frame);
        $truth['FR'] = $truth['FR']->plus(Vector3::of(0, 0, 12));
        $result = computed($frame, Readings::tour($truth));
        expect($result->point('FR')->deviation->z)->toEqualWithDelta(12.0, 1e-6)
            ->and($result->point('FR')->verdict)->toBe(Verdict::Out)
            ->and($result->point('AL')->deviation->norm())->toBeLessThan(1e-6)
            ->and($result->network->varianceFactor)->toBeLessThan(1e-12);
    });

    it('is the same wherever the frame stands on the bench', function () {
        $frame = Readings::ladder(5);
        $here = Readings::truth($frame);
        $there = array_map(fn (Vector3 $p): Vector3 => Vector3::of($p->x * cos(0.02) - $p->y * sin(0.02) + 40, $p->x * sin(0.02) + $p->y * cos(0.02) - 15, $p->z + 130), $here);
        expectSamePlaces(computed($frame, Readings::tour($here)), computed($frame, Readings::tour($there)), 1e-6);
    });
});

describe('a survey with noise', function () {
    it('does not depend on the order of the readings (seed 21)', function () {
        $frame = Readings::ladder(6);
        $readings = Readings::tour(Readings::truth($frame), Readings::noise(21, 1.0));
        expectSamePlaces(computed($frame, $readings), computed($frame, array_reverse($readings)), 1e-6);
    });

    it('keeps the places and scales the sigmas when all sigmas are doubled (seed 22)', function () {
        $frame = Readings::ladder(5);
        $readings = Readings::tour(Readings::truth($frame), Readings::noise(22, 0.5));
        $doubled = array_map(fn (Reading $r): Reading => new Reading($r->id, $r->kind, $r->value, 2 * $r->sigma), $readings);
        [$a, $b] = [computed($frame, $readings), computed($frame, $doubled)];
        expectSamePlaces($a, $b, 1e-6);
        expect($b->point('EL')->sigma->y)->toEqualWithDelta(2 * $a->point('EL')->sigma->y, 1e-6);
    });

    it('has redundancy numbers that sum to the redundancy (seed 23)', function () {
        $frame = Readings::ladder(6);
        $result = computed($frame, Readings::tour(Readings::truth($frame), Readings::noise(23, 0.7)));
        $sum = array_sum(array_map(fn ($r) => $r->redundancy, $result->readings));
        expect($sum)->toEqualWithDelta($result->network->redundancy, 1e-6);
    });

    it('mirrors when the frame is mirrored (seed 24)', function () {
        $frame = Readings::ladder(5);
        $mirror = fn (Vector3 $p): Vector3 => Vector3::of($p->x, -$p->y, $p->z);
        $mirrored = new Frame(array_map(fn (Point $p): Point => $p->at($mirror($p->reference)), $frame->points));
        $readings = Readings::tour(Readings::truth($frame), Readings::noise(24, 0.8));
        [$a, $b] = [computed($frame, $readings), computed($mirrored, $readings)];
        foreach ($a->points as $point) {
            expect($mirror($point->measured)->minus($b->point($point->id)->measured)->norm())->toBeLessThan(1e-6);
        }
    });

    it('says that its readings do not agree with their sigmas when they are three times worse (seed 25)', function () {
        $frame = Readings::ladder(6);
        expect(computed($frame, Readings::tour(Readings::truth($frame), Readings::noise(25, 0.8)))->network->consistent)->toBeTrue();
        $bad = array_map(fn (Reading $r): Reading => new Reading($r->id, $r->kind, $r->value, 0.5), Readings::tour(Readings::truth($frame), Readings::noise(25, 0.8)));
        expect(computed($frame, $bad)->network->consistent)->toBeFalse();
    });
});

describe('a reading that lies', function () {
    it('is found with its size: a tape held at the one-inch mark (seed 31)', function () {
        $frame = Readings::ladder(6);
        $truth = Readings::truth($frame);
        $readings = Readings::tour($truth, Readings::noise(31, 0.7));
        $readings[] = Readings::true('tram BL DR', $truth, 25.4, id: 'liar');
        $result = computed($frame, array_values(array_filter($readings, fn (Reading $r) => $r->id !== 'tram BL DR')));
        $liar = array_values(array_filter($result->readings, fn ($r) => $r->id === 'liar'))[0];
        expect(suspectsOf($result))->toBe(['liar'])
            ->and($liar->error)->toEqualWithDelta(25.4, 2.5)
            ->and($liar->standardised)->toBeLessThan(-3.29);
    });

    it('is told from two others at once (seed 32)', function () {
        $frame = Readings::ladder(7);
        $truth = Readings::truth($frame);
        $readings = Readings::tour($truth, Readings::noise(32, 0.7));
        foreach ([5 => 25.4, 26 => -10.0, 37 => 100.0] as $i => $error) {
            $readings[$i] = new Reading("liar$i", $readings[$i]->kind, $readings[$i]->value + $error, 1.0);
        }
        expect(suspectsOf(computed($frame, $readings)))->toBe(['liar5', 'liar26', 'liar37']);
    });

    it('stays in the log and out of the computation once struck', function () {
        $frame = Readings::ladder(5);
        $truth = Readings::truth($frame);
        $readings = Readings::tour($truth);
        $readings[3] = new Reading('struck', $readings[3]->kind, $readings[3]->value + 50, 1.0, 'wrong hole');
        $result = computed($frame, $readings);
        expect($result->readings[3]->status)->toBe(ReadingStatus::Struck)
            ->and($result->readings[3]->residual)->toEqualWithDelta(-50.0, 1e-4)
            ->and(suspectsOf($result))->toBe([]);
    });

    it('cannot be seen where nothing checks it, and that is said', function () {
        $frame = Readings::ladder(4);
        $truth = Readings::truth($frame);
        $only = ['tram DL DR', 'tram CL DL', 'tram CR DL', 'height DL', 'tram CL DR', 'height DR'];
        $readings = array_filter(Readings::tour($truth), fn (Reading $r): bool => ! array_intersect(['DL', 'DR'], $r->kind->points()) || in_array($r->id, $only, true));
        $result = computed($frame, array_values($readings));
        $unchecked = array_filter($result->readings, fn ($r) => ! $r->checked);
        expect(array_values(array_map(fn ($r) => $r->id, $unchecked)))->toContain(...$only)->not->toContain('tram AL BR');
        expect(array_values($unchecked)[0]->standardised)->toBeNull();
    });
});

describe('a verdict', function () {
    it('follows the whole interval, not the number alone', function (float $deviation, float $expanded, Verdict $verdict) {
        expect(Verdict::of($deviation, $expanded, 3.0))->toBe($verdict);
    })->with([
        'well in' => [1.0, 1.0, Verdict::In],
        'just in' => [-2.0, 1.0, Verdict::In],
        'in, but not surely' => [2.5, 1.0, Verdict::Unsure],
        'out, but not surely' => [3.5, 1.0, Verdict::Unsure], 'out' => [-4.5, 1.0, Verdict::Out],
    ]);
});

describe('too little or too strange to compute', function () {
    it('says what is missing', function (array $calls, string $sentence) {
        $frame = Readings::ladder(4);
        $truth = Readings::truth($frame);
        $readings = array_map(fn (string $call): Reading => Readings::true($call, $truth), $calls);
        expect(fn () => computed($frame, $readings))->toThrow(CannotComputeSurvey::class, $sentence);
    })->with([
        'nothing read' => [[], 'has no reading in use'],
        'two base points' => [['tram AL AR'], '2 base points are measured, three are needed. Read some of BL'],
        'base points in line' => [['tram AL DR', 'height AL'], '1 base points'],
    ]);

    it('refuses base points in one line', function () {
        $points = array_map(fn (int $i): Point => new Point("P$i", "P$i", Side::Left, null, null, Vector3::of(500 * $i, 0, 300), Tolerance::all(), true), [0, 1, 2, 3]);
        $frame = new Frame($points);
        $truth = Readings::truth($frame);
        $readings = array_map(fn (string $call): Reading => Readings::true($call, $truth), ['tram P0 P1', 'tram P1 P2', 'tram P2 P3']);
        expect(fn () => computed($frame, $readings))->toThrow(CannotComputeSurvey::class, 'in one line');
    });

    it('names a point without a chart position', function () {
        $points = Readings::ladder(3)->points;
        $frame = new Frame([...$points, new Point('X1', 'X1', Side::Centre, null, null, null, Tolerance::all(), false)]);
        $class = Geodex\Core\Survey\Reading\TramReading::class;
        $readings = [...Readings::tour(Readings::truth(Readings::ladder(3))), new Reading('x', $class::between(['AL', 'X1'], null), 500, 1)];
        expect(fn () => computed($frame, $readings))->toThrow(CannotComputeSurvey::class, 'No chart places X1');
    });

    it('names a point that the job does not have, and what it may have meant', function () {
        $class = Geodex\Core\Survey\Reading\TramReading::class;
        expect(fn () => computed(Readings::ladder(3), [new Reading('x', $class::between(['AL', 'AX'], null), 500, 1)]))->toThrow(UnknownPoint::class, 'Did you mean');
    });

    it('marks a loose point and leaves the rest as it was', function () {
        $frame = Readings::ladder(5);
        $truth = Readings::truth($frame);
        $full = Readings::tour($truth);
        $loose = array_values(array_filter($full, fn (Reading $r): bool => ! in_array('ER', $r->kind->points(), true)));
        $loose[] = Readings::true('tram DR ER', $truth);
        $result = computed($frame, $loose);
        expect($result->point('ER')->determined)->not->toBe([true, true, true])
            ->and($result->point('ER')->verdict)->toBe(Verdict::Unsure)
            ->and($result->point('EL')->isDetermined())->toBeTrue()
            ->and($result->network->gauge)->toBe(3 + 2);
    });

    it('leaves a loose base point out of the datum', function () {
        $frame = Readings::ladder(5, base: 4);
        $truth = Readings::truth($frame);
        $readings = array_values(array_filter(Readings::tour($truth), fn (Reading $r): bool => ! in_array('AR', $r->kind->points(), true)));
        $readings[] = Readings::true('tram AL AR', $truth, 8.0);
        $result = computed($frame, $readings);
        expect($result->base)->not->toContain('AR')
            ->and($result->point('BL')->isDetermined())->toBeTrue()
            ->and($result->point('BL')->deviation->norm())->toBeLessThan(1e-6)
            ->and($result->point('AR')->verdict)->toBe(Verdict::Unsure);
    });
});

describe('what to read next', function () {
    $next = fn (Frame $frame, array $readings) => (new SurveyAssessor)->assess($frame, Readings::survey($readings))->next;

    it('walks the frame from the front while points are unread', function () use ($next) {
        $frame = Readings::ladder(5);
        $truth = Readings::truth($frame);
        $front = array_values(array_filter(Readings::tour($truth), fn (Reading $r): bool => ! array_intersect(['DL', 'DR', 'EL', 'ER'], $r->kind->points())));
        $advice = $next($frame, $front);
        expect($advice[0]->because->value)->toBe('unread')
            ->and($advice[0]->points)->toBe(['DL', 'DR'])
            ->and($advice[0]->expected)->toEqualWithDelta(820.0, 1e-6);
    });

    it('shrinks the variance by what it promised (seed 41)', function () use ($next) {
        $frame = Readings::ladder(6);
        $truth = Readings::truth($frame);
        $readings = Readings::tour($truth, Readings::noise(41, 0.7), heights: false);
        $before = computed($frame, $readings);
        $best = array_values(array_filter($next($frame, $readings), fn ($n): bool => $n->because === ReasonToRead::Undecided))[0];
        $after = computed($frame, [...$readings, Readings::true($best->kind.' '.implode(' ', $best->points), $truth, id: 'next')]);
        $sum = fn (SurveyResult $r): float => array_sum(array_map(function ($p) use ($r, $before) {
            $total = 0.0;
            foreach ($before->point($p->id)->axes as $axis => $verdict) {
                $total += $verdict === Verdict::Unsure ? $r->point($p->id)->sigma->toArray()[$axis] ** 2 : 0.0;
            }

            return $total;
        }, $r->points));
        expect($best->gain)->toBeGreaterThan(0.0)
            ->and(1 - $sum($after) / $sum($before))->toEqualWithDelta($best->gain, 0.01);
    });

    it('asks first for the length that tells mirror solutions of a frame of lengths alone apart, never for a height alone', function () use ($next) {
        $frame = Readings::ladder(6);
        $advice = $next($frame, Readings::tour(Readings::truth($frame), Readings::noise(42, 0.7), heights: false));
        expect($advice[0]->because)->toBe(ReasonToRead::Deciding)->and($advice[0]->kind)->toBe('tram')->and($advice[0]->outcomes)->toHaveCount(2)
            ->and(array_filter($advice[0]->outcomes, fn ($outcome): bool => $outcome->folded !== []))->not->toBe([])
            ->and(array_filter($advice, fn ($n): bool => $n->kind === 'height'))->toBe([]);
    })->group('slow');

    it('falls silent when all is decided and checked', function () use ($next) {
        $frame = Readings::ladder(4);
        $truth = Readings::truth($frame);
        $readings = Readings::tour($truth);
        foreach ($truth as $id => $_) {
            $readings[] = Readings::true("offset $id", $truth);
            $readings[] = Readings::true("station $id", $truth);
            foreach ($truth as $other => $_) {
                if ($id < $other) {
                    $readings[] = Readings::true("rise $id $other", $truth);
                }
            }
        }
        $tight = array_map(fn (Reading $r): Reading => new Reading($r->id, $r->kind, $r->value, 0.3), $readings);
        expect($next($frame, $tight))->toBe([]);
    });
});
