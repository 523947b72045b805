<?php

declare(strict_types=1);

use Geodex\Core\Findings\Assessment;
use Geodex\Core\Findings\Finding;
use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Simulation\DamageMaker;
use Geodex\Core\Simulation\FrameBender;
use Geodex\Core\Simulation\FrameMaker;
use Geodex\Core\Simulation\RandomSource;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\ReadingStatus;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Tests\Support\Readings;

/** @return array{Frame, list<Reading>} a bent frame of seven rows, read once round with noise and one inch too much */
function bentAndRead(int $seed): array
{
    $random = new RandomSource($seed);
    $frame = (new FrameMaker)->make($seed, 7);
    $bent = (new FrameBender)->bend($frame, (new DamageMaker)->make($random, 2, 8.0, 16.0), $random);
    $readings = Readings::tour($bent->truth, fn (): float => $random->normal(0.7));
    $readings[9] = new Reading($readings[9]->id, $readings[9]->kind, $readings[9]->value + 25.4, $readings[9]->sigma);

    return [$frame, $readings];
}

/** @return array<string, list<float>> deviation and sigma by point */
function numbersOf(Assessment $assessment): array
{
    $numbers = [];
    foreach ($assessment->survey->points as $point) {
        $numbers[$point->id] = [...$point->deviation->toArray(), ...$point->sigma->toArray()];
    }
    ksort($numbers);

    return $numbers;
}

/** @return list<string> */
function suspectsIn(Assessment $assessment): array
{
    $suspects = array_map(fn ($r): string => $r->id, array_values(array_filter($assessment->survey->readings, fn ($r): bool => $r->status === ReadingStatus::Suspect)));
    sort($suspects);

    return $suspects;
}

function closeTo(array $a, array $b, float $within): void
{
    expect(array_keys($a))->toBe(array_keys($b));
    foreach ($a as $id => $numbers) {
        foreach ($numbers as $k => $number) {
            expect(abs($number - $b[$id][$k]))->toBeLessThan($within, "$id $k");
        }
    }
}

describe('the whole judgement', function () {
    it('does not depend on the order in which readings were taken', function (int $seed) {
        [$frame, $readings] = bentAndRead($seed);
        $plain = (new SurveyAssessor)->assess($frame, Readings::survey($readings));
        $shuffled = (new Random\Randomizer(new Random\Engine\Mt19937($seed)))->shuffleArray($readings);
        $other = (new SurveyAssessor)->assess($frame, Readings::survey($shuffled));
        closeTo(numbersOf($plain), numbersOf($other), 1e-5);
        expect(suspectsIn($other))->toBe(suspectsIn($plain))
            ->and($other->fit->state)->toBe($plain->fit->state);
        foreach ($plain->findings as $i => $finding) {
            expect($other->findings[$i]->amount)->toEqualWithDelta($finding->amount, 1e-5);
        }
    })->with([[1], [2], [3]]);

    it('does not depend on the order in which the chart lists its points', function (int $seed) {
        [$frame, $readings] = bentAndRead($seed);
        $turned = new Frame(array_reverse($frame->points));
        closeTo(numbersOf((new SurveyAssessor)->assess($frame, Readings::survey($readings))), numbersOf((new SurveyAssessor)->assess($turned, Readings::survey($readings))), 1e-5);
    })->with([[4], [5]]);

    it('does not depend on where it starts: a chart laid elsewhere gives the same deviations', function (int $seed) {
        [$frame, $readings] = bentAndRead($seed);
        $shift = Vector3::of(300, 0, 40);
        $moved = new Frame(array_map(fn (Point $p): Point => $p->at($p->reference->plus($shift)), $frame->points));
        closeTo(numbersOf((new SurveyAssessor)->assess($frame, Readings::survey($readings))), numbersOf((new SurveyAssessor)->assess($moved, Readings::survey($readings))), 1e-4);
    })->with([[6], [7]]);

    it('is mirrored when left and right are', function (int $seed) {
        [$frame, $readings] = bentAndRead($seed);
        $swap = fn (string $id): string => strtr($id, ['L' => 'R', 'R' => 'L']);
        $mirrored = new Frame(array_map(fn (Point $p): Point => new Point(
            $swap($p->id), $p->name, $p->side === Side::Left ? Side::Right : Side::Left, $swap((string) $p->mate), $p->feature,
            Vector3::of($p->reference->x, -$p->reference->y, $p->reference->z), $p->tolerance, $p->base,
        ), $frame->points));
        $theirs = array_map(fn (Reading $r): Reading => new Reading($swap($r->id), ReadingKinds::named($r->kind::name())::between(array_map($swap, $r->kind->points()), null), $r->value, $r->sigma), $readings);
        $plain = (new SurveyAssessor)->assess($frame, Readings::survey($readings));
        $other = (new SurveyAssessor)->assess($mirrored, Readings::survey($theirs));
        foreach ($plain->survey->points as $point) {
            $image = $other->survey->point($swap($point->id));
            expect($image->deviation->minus(Vector3::of($point->deviation->x, -$point->deviation->y, $point->deviation->z))->norm())->toBeLessThan(1e-4)
                ->and($image->verdict)->toBe($point->verdict);
        }
        $amount = fn (Assessment $a, Finding $like, ?string $side): float => array_values(array_filter($a->findings, fn (Finding $f): bool => $f->pattern === $like->pattern && $f->section === $like->section && $f->side === $side))[0]->amount;
        foreach ($plain->findings as $finding) {
            // Sidesway, twist and diamond change their way, sag does not, and a short rail changes its side.
            $sign = in_array($finding->pattern, [Pattern::Sidesway, Pattern::Twist, Pattern::Diamond], true) ? -1 : 1;
            $side = $finding->side === null ? null : ($finding->side === 'left' ? 'right' : 'left');
            expect($amount($other, $finding, $side))->toEqualWithDelta($sign * $finding->amount, 1e-4);
        }
        expect(array_map($swap, suspectsIn($plain)))->toEqualCanonicalizing(suspectsIn($other));
    })->with([[8], [9]]);

    it('is as sure as its sigmas: all of them doubled, all uncertainties are, and nothing else', function () {
        [$frame, $readings] = bentAndRead(10);
        unset($readings[9]);
        $readings = array_values($readings);
        $doubled = array_map(fn (Reading $r): Reading => new Reading($r->id, $r->kind, $r->value, 2 * $r->sigma), $readings);
        $plain = numbersOf((new SurveyAssessor)->assess($frame, Readings::survey($readings)));
        foreach (numbersOf((new SurveyAssessor)->assess($frame, Readings::survey($doubled))) as $id => $numbers) {
            foreach ([0, 1, 2] as $axis) {
                expect($numbers[$axis])->toEqualWithDelta($plain[$id][$axis], 1e-5)
                    ->and($numbers[3 + $axis])->toEqualWithDelta(2 * $plain[$id][3 + $axis], 1e-5);
            }
        }
    });

    it('does not change by a reading that says what all the others say, but for being surer', function () {
        [$frame, $readings] = bentAndRead(11);
        unset($readings[9]);
        $readings = array_values($readings);
        $plain = (new SurveyAssessor)->assess($frame, Readings::survey($readings));
        $kind = ReadingKinds::named('tram')::between(['AL', 'CR'], null);
        $agreeing = new Reading('more', $kind, $kind->linearise($plain->survey->solved->bench)->predicted, 1.0);
        $more = (new SurveyAssessor)->assess($frame, Readings::survey([...$readings, $agreeing]));
        foreach ($plain->survey->points as $i => $point) {
            expect($more->survey->points[$i]->deviation->minus($point->deviation)->norm())->toBeLessThan(1e-3);
            foreach ($point->sigma->toArray() as $axis => $sigma) {
                expect($more->survey->points[$i]->sigma->toArray()[$axis])->toBeLessThanOrEqual($sigma + 1e-9);
            }
        }
    });

    it('takes a struck reading as one that was never taken', function () {
        [$frame, $readings] = bentAndRead(12);
        $struck = $readings;
        $struck[9] = new Reading($readings[9]->id, $readings[9]->kind, $readings[9]->value, 1.0, 'misread');
        $without = $readings;
        unset($without[9]);
        closeTo(numbersOf((new SurveyAssessor)->assess($frame, Readings::survey($struck))), numbersOf((new SurveyAssessor)->assess($frame, Readings::survey(array_values($without)))), 1e-9);
    });
});

describe('hostile readings', function () {
    it('do not bring it down: it answers or says why not', function (int $seed) {
        $random = new RandomSource($seed);
        [$frame, $readings] = bentAndRead(13);
        foreach (array_keys($readings) as $i) {
            if ($random->share() < 0.3) {
                $readings[$i] = new Reading($readings[$i]->id, $readings[$i]->kind, $random->between(50, 2500), 1.0);
            }
        }
        try {
            // Most of these run until their time is up; less of it asks the same.
            $assessment = (new SurveyAssessor(new SurveyOptions(seconds: 0.5)))->assess($frame, Readings::survey($readings));
            foreach ($assessment->survey->points as $point) {
                expect($point->deviation === null || is_finite($point->deviation->norm()))->toBeTrue();
            }
            expect($assessment->fit->state->value)->not->toBe('fit');
        } catch (Geodex\Core\Failure\CoreFailure $refused) {
            expect($refused->getMessage())->not->toBe('');
        }
    })->group('slow')->with([[21], [22], [23], [24]]);

    it('of one point only leave the rest unmeasured and say what is missing', function () {
        [$frame, $readings] = bentAndRead(14);
        $few = array_values(array_filter($readings, fn (Reading $r): bool => in_array('AL', $r->kind->points(), true)));
        expect(fn () => (new SurveyAssessor)->assess($frame, Readings::survey($few)))->toThrow(Geodex\Core\Survey\CannotComputeSurvey::class, 'base points are measured, three are needed');
    });
});
