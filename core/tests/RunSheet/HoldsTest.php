<?php

declare(strict_types=1);

use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\RunSheet\Holds\FoundAtHold;
use Geodex\Core\RunSheet\Holds\Hold;
use Geodex\Core\RunSheet\Holds\HoldVerdict;
use Geodex\Core\RunSheet\Holds\ShrinkageBook;
use Geodex\Core\RunSheet\Holds\ShrinkageCase;
use Geodex\Core\RunSheet\Holds\StageMovement;
use Geodex\Core\Units\LengthUnit;

describe('witness marks', function (): void {
    $marks = fn (float $pending, string $stage, float $tolerance = 1.0): Hold => new Hold('Witness marks', 840.0, $tolerance, $stage, $pending, abs($pending) / 2, ways: ['marks']);

    it('let go on at the tack where the shrinkage to come will bring them in', function () use ($marks): void {
        expect(HoldVerdict::ofReading($marks(-1.0, 'tack'), 841.0, 0.2)->action)->toBe('measure-again')
            ->and(HoldVerdict::ofReading($marks(-1.0, 'tack', 2.0), 841.0, 0.3)->mayGoOn())->toBeTrue()
            ->and(HoldVerdict::ofReading($marks(-1.0, 'tack', 2.0), 838.0, 0.2)->mayGoOn())->toBeFalse();
    });

    it('let go on cold only where they are within, with their uncertainty', function () use ($marks): void {
        expect(HoldVerdict::ofReading($marks(0.0, 'cold'), 840.2, 0.2)->mayGoOn())->toBeTrue()
            ->and(HoldVerdict::ofReading($marks(0.0, 'cold'), 840.8, 0.2)->mayGoOn())->toBeFalse()
            ->and(HoldVerdict::ofReading($marks(0.0, 'cold'), 843.0, 0.2)->action)->toBe('move');
    });

    it('read several times count as their mean, which is surer', function () use ($marks): void {
        $once = HoldVerdict::ofReadings($marks(0.0, 'cold'), [840.7], 0.3);
        $again = HoldVerdict::ofReadings($marks(0.0, 'cold'), [840.7, 840.5, 840.6], 0.3);
        expect($once->action)->toBe('measure-again')
            ->and($once->number('readings'))->toBeGreaterThan(1.0)
            ->and($again->number('reading'))->toEqualWithDelta(840.6, 1e-9)
            ->and($again->number('uncertainty'))->toEqualWithDelta($once->number('uncertainty') / sqrt(3.0), 1e-9)
            ->and($again->mayGoOn())->toBeTrue()
            ->and(fn () => HoldVerdict::ofReadings($marks(0.0, 'cold'), [], 0.3))->toThrow(InvalidFields::class, 'reading');
    });

    it('have to be read', function () use ($marks): void {
        expect(fn () => HoldVerdict::ofReading($marks(0.0, 'cold'), null, 0.3))->toThrow(InvalidFields::class, 'reading')
            ->and(HoldVerdict::ofReading(new Hold('Seen'), null, 0.3)->mayGoOn())->toBeTrue();
    });

    it('say beforehand between which readings the work goes on, and keep their word', function (float $pending, string $stage, float $tolerance) use ($marks): void {
        $hold = $marks($pending, $stage, $tolerance);
        [$from, $to] = $hold->goesOnBetween(0.2) ?? [NAN, NAN];
        expect($from)->toBeLessThan($to)
            ->and(HoldVerdict::ofReading($hold, $from + 0.001, 0.2)->mayGoOn())->toBeTrue()
            ->and(HoldVerdict::ofReading($hold, $to - 0.001, 0.2)->mayGoOn())->toBeTrue()
            ->and(HoldVerdict::ofReading($hold, $from - 0.001, 0.2)->mayGoOn())->toBeFalse()
            ->and(HoldVerdict::ofReading($hold, $to + 0.001, 0.2)->mayGoOn())->toBeFalse();
    })->with([[0.0, 'cold', 1.0], [-1.0, 'tack', 2.0], [-0.4, 'root', 1.5]]);

    it('say that no reading lets go on where too little is known of what is to come', function () use ($marks): void {
        expect($marks(-3.0, 'tack', 1.0)->goesOnBetween(0.2))->toBeNull()
            ->and((new Hold('Seen'))->goesOnBetween(0.2))->toBeNull();
    });
});

describe('heights of the corners', function (): void {
    $four = fn (float $fl, float $fr, float $rl, float $rr): array => ['frontLeft' => $fl, 'frontRight' => $fr, 'rearLeft' => $rl, 'rearRight' => $rr];

    it('agree with the worked case: eleven low to the right in front', function () use ($four): void {
        $verdict = HoldVerdict::ofHeights(['heights' => $four(512.0, 506.0, 498.0, 503.0), 'frontWidth' => 820.0, 'rearWidth' => 820.0, 'sigma' => 0.5]);
        expect($verdict->action)->toBe('move')
            ->and($verdict->number('difference'))->toEqualWithDelta(-11.0, 1e-9)
            ->and(FoundAtHold::said(['action' => 'move', ...$verdict->told])?->in(LengthUnit::Millimetre))->toContain('wind it by 11.0')->toContain('let down the front left by 11.0');
    });

    it('against how it stood before blame the supports for no more than they put in', function () use ($four): void {
        $twisted = $four(402.0, 400.0, 401.0, 402.5);
        $verdict = HoldVerdict::ofHeights(['heights' => $four(502.0, 500.0, 501.0, 502.5), 'reference' => $twisted, 'frontWidth' => 820.0, 'rearWidth' => 820.0, 'sigma' => 0.2]);
        expect($verdict->mayGoOn())->toBeTrue()
            ->and($verdict->number('difference'))->toEqualWithDelta(0.0, 1e-9);
    });

    it('before any support are nobody’s fault', function () use ($four): void {
        $verdict = HoldVerdict::asItStands(['heights' => $four(512.0, 506.0, 498.0, 503.0), 'frontWidth' => 820.0, 'rearWidth' => 820.0]);
        expect($verdict->mayGoOn())->toBeTrue()
            ->and(FoundAtHold::said(['action' => 'go-on', ...$verdict->told])?->in(LengthUnit::Millimetre))->toContain('stands with a twist of 11.0');
    });

    it('that are too close to call are read again, and missing ones refused', function () use ($four): void {
        expect(HoldVerdict::ofHeights(['heights' => $four(502.0, 500.0, 500.0, 500.0), 'frontWidth' => 820.0, 'rearWidth' => 820.0])->action)->toBe('measure-again')
            ->and(fn () => HoldVerdict::ofHeights(['heights' => ['frontLeft' => 1.0], 'frontWidth' => 820.0, 'rearWidth' => 820.0]))->toThrow(InvalidFields::class);
    });
});

describe('a survey of its own', function (): void {
    it('lets go on where nothing is out or undecided', function (int $in, int $out, int $undecided, string $action): void {
        expect(HoldVerdict::ofSurvey('Cold', $in, $out, $undecided, 3)->action)->toBe($action);
    })->with([
        [8, 0, 0, 'go-on'],
        [8, 1, 0, 'move'],
        [8, 1, 3, 'move'],
        [8, 0, 1, 'measure-again'],
        [0, 0, 0, 'measure-again'],
    ]);

    it('is told with all that it found', function (): void {
        expect(FoundAtHold::said(HoldVerdict::ofSurvey('Cold', 7, 1, 2, 3)->told)?->in(LengthUnit::Millimetre))->toBe('Survey “Cold”: 7 points within, 1 out, 2 undecided, 3 not read.')
            ->and(FoundAtHold::said(['reading' => 3.0]))->toBeNull();
    });
});

describe('movement by stage', function (): void {
    it('agrees with the worked case: only the weld moved it beyond doubt', function (): void {
        $surveys = ['before' => [0.2, 0.3], 'tacked' => [0.5, 0.3], 'welded' => [1.4, 0.3], 'wheels' => [1.1, 0.3]];
        $stages = StageMovement::split($surveys);
        expect(array_map(fn (StageMovement $one): float => round($one->moved, 9), $stages))->toBe([0.3, 0.9, -0.3])->and(array_map(fn (StageMovement $one): bool => $one->isSignificant, $stages))->toBe([false, true, false])->and($stages[0]->expanded)->toEqualWithDelta(0.83, 0.002)
            ->and(StageMovement::whole($surveys)?->moved)->toEqualWithDelta(0.9, 1e-12)->and(StageMovement::whole($surveys)?->isSignificant)->toBeTrue();
    });

    it('adds up to the whole exactly, whatever was found', function (int $seed): void {
        mt_srand($seed);
        $surveys = [];
        for ($i = 0; $i < mt_rand(2, 7); $i++) {
            $surveys["survey $i"] = [mt_rand(-5000, 5000) / 1000, mt_rand(1, 900) / 1000];
        }
        $sum = array_sum(array_map(fn (StageMovement $one): float => $one->moved, StageMovement::split($surveys)));
        expect($sum)->toEqualWithDelta(StageMovement::whole($surveys)?->moved, 1e-9);
    })->with(range(1, 8));

    it('says nothing of one survey', function (): void {
        expect(StageMovement::split(['before' => [0.2, 0.3]]))->toBe([])
            ->and(StageMovement::whole(['before' => [0.2, 0.3]]))->toBeNull();
    });
});

describe('the shrinkage book', function (): void {
    $case = fn (float $drewIn, string $kind = 'butt', bool $isRecorded = true): ShrinkageCase => new ShrinkageCase('A job', $kind, 840.0, 841.0, null, 841.0 - $drewIn, $isRecorded);
    $cases = fn (float ...$drewIn): array => array_map(fn (float $one): ShrinkageCase => $case($one), $drewIn);

    it('starts from the estimate, and learns from every cut of the shop', function () use ($cases): void {
        $none = ShrinkageBook::of(0.8, [], 'butt');
        $some = ShrinkageBook::of(0.8, $cases(1.2, 1.1, 1.3), 'butt');
        $many = ShrinkageBook::of(0.8, $cases(...array_fill(0, 30, 1.2)), 'butt');
        expect($none?->mean)->toBe(0.8)
            ->and($none?->sigma)->toEqualWithDelta(0.4, 1e-12)
            ->and($some?->mean)->toBeGreaterThan(1.0)->toBeLessThan(1.2)
            ->and($many?->mean)->toEqualWithDelta(1.2, 0.02)
            ->and($some?->cases)->toBe(3)
            ->and($many?->sigma)->toBeLessThan($some?->sigma);
    });

    it('agrees with the worked case of the calculator', function () use ($cases): void {
        // Prior 0.8 ± 0.4, scatter 0.3: weights 6.25 and 11.11 each.
        $book = ShrinkageBook::of(0.8, $cases(0.9, 1.1, 0.8), 'butt');
        $weight = 1 / 0.16 + 3 / 0.09;
        expect($book?->mean)->toEqualWithDelta((0.8 / 0.16 + 2.8 / 0.09) / $weight, 1e-9)
            ->and($book?->sigma)->toEqualWithDelta(sqrt(1 / $weight + 0.09), 1e-9);
    });

    it('learns nothing from another kind of joint, nor where heat and support were not logged', function () use ($case): void {
        expect(ShrinkageBook::of(0.8, [$case(2.4, 'sleeve'), $case(2.0, 'butt', false)], 'butt'))->toEqual(ShrinkageBook::of(0.8, [], 'butt'));
    });

    it('doubts its scatter where the cases lie far apart', function () use ($cases): void {
        expect(ShrinkageBook::of(0.8, $cases(0.1, 1.8, 3.0), 'butt')?->isScattered)->toBeTrue()
            ->and(ShrinkageBook::of(0.8, $cases(0.9, 1.0, 1.1), 'butt')?->isScattered)->toBeFalse();
    });

    it('knows nothing where nobody does, and takes the shop’s word where the plan has none', function () use ($cases): void {
        expect(ShrinkageBook::of(0.0, [], 'butt'))->toBeNull()
            ->and(ShrinkageBook::of(0.0, $cases(1.0, 1.2), 'butt')?->mean)->toEqualWithDelta(1.1, 0.02);
    });
});
