<?php

declare(strict_types=1);

use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Parts\PartState;
use Geodex\Core\RunSheet\Cautions;
use Geodex\Core\RunSheet\Hold;
use Geodex\Core\RunSheet\HoldVerdict;
use Geodex\Core\RunSheet\OrderedStep;
use Geodex\Core\RunSheet\PlannedCut;
use Geodex\Core\RunSheet\PlannedPart;
use Geodex\Core\RunSheet\RunSheet;
use Geodex\Core\RunSheet\ShrinkageBook;
use Geodex\Core\RunSheet\StandardSteps;
use Geodex\Core\RunSheet\Step;
use Geodex\Core\Shop\Shop;

/** @return list<Step> of a stretch with an insert, a plate made four times with its mirror image, and a shaft */
function stretchSteps(): array
{
    $cut = new PlannedCut('op1', 'stretch behind the cab', true, 200.0, 840.0, ShrinkageBook::of(1.0, []), ['fuel line', 'loom']);
    $parts = [new PlannedPart(1, 'Insert', 'op1', 2, PartState::Drawn, null), new PlannedPart(2, 'Bracket', '', 1, PartState::Drawn, null), new PlannedPart(3, 'Bracket, mirrored', '', 1, PartState::Drawn, 2)];

    return StandardSteps::of([$cut], $parts, ['Rear axle moved'], true, new Shop([]));
}

/** @param  array<string, true>  $done */
function order(array $done = []): array
{
    return array_map(fn (OrderedStep $one): string => $one->step->id, RunSheet::of(stretchSteps(), $done)->steps);
}

describe('the order of a stretch', function (): void {
    it('is safe before it is stripped, held before it is cut, tacked before it is welded, cold before the posts come off', function (string $first, string $then): void {
        $order = array_flip(order());
        expect($order[$first])->toBeLessThan($order[$then]);
    })->with([
        ['survey', 'op1-out-1'], ['safe', 'op1-out-2'], ['bench', 'posts'], ['posts', 'op1-cut'], ['survey', 'op1-cut'], ['op1-out-1', 'op1-tack'], ['op1-cut', 'op1-edges'], ['op1-edges', 'op1-tack'], ['op1-tack', 'op1-root'], ['op1-root', 'op1-weld'], ['op1-weld', 'op1-coat'], ['op1-weld', 'released'], ['op1-coat', 'op1-refit'],
        ['released', 'final'], ['final', 'shaft'], ['first-1', 'part-1'], ['part-1', 'op1-tack'], ['first-2', 'part-2'], ['first-2', 'part-3'], ['change-1', 'final'],
    ]);

    it('holds every step once, and blocks what waits, saying for what', function (): void {
        $sheet = RunSheet::of(stretchSteps(), []);
        $blocked = array_column(array_map(fn (OrderedStep $one): array => [$one->step->id, $one], $sheet->steps), 1, 0);
        expect(count($sheet->steps))->toBe(count(stretchSteps()))->and(array_unique(order()))->toBe(order())->and($blocked['op1-cut']->state)->toBe('blocked')->and($blocked['op1-cut']->waitsFor)->toContain('Set posts under both halves')->and($blocked['safe']->state)->toBe('possible')
            ->and($sheet->longestChain)->toBeLessThan($sheet->minutesLeft)->and($sheet->conflict)->toBeNull();
    });

    it('frees what is next when something is done, and tells what was done too early', function (): void {
        $sheet = RunSheet::of(stretchSteps(), ['survey' => true, 'safe' => true, 'op1-weld' => true]);
        $states = array_column(array_map(fn (OrderedStep $one): array => [$one->step->id, $one], $sheet->steps), 1, 0);
        expect($states['bench']->state)->toBe('possible')->and($states['op1-out-1']->state)->toBe('possible')->and($states['op1-weld']->state)->toBe('done')->and($states['op1-weld']->isEarly)->toBeTrue()->and($states['survey']->isEarly)->toBeFalse();
    });

    it('needs less and less as it is done, down to nothing', function (): void {
        $done = [];
        $left = INF;
        foreach (order() as $id) {
            $sheet = RunSheet::of(stretchSteps(), $done);
            expect($sheet->minutesLeft)->toBeLessThan($left);
            $left = $sheet->minutesLeft;
            $done[$id] = true;
        }
        expect(RunSheet::of(stretchSteps(), $done)->minutesLeft)->toBe(0.0);
    });

    it('names the ring where steps stand in each other’s way', function (): void {
        $sheet = RunSheet::of([new Step('a', 'Drill', 'drill', needs: ['b']), new Step('b', 'Tank in', 'other', needs: ['a'])], []);
        expect($sheet->conflict)->toHaveCount(2)->and($sheet->steps[0]->state)->toBe('blocked');
    });

    it('waits for nothing that is gone from the plan', function (): void {
        expect(RunSheet::of([new Step('a', 'Own step', 'other', needs: ['gone'])], [])->steps[0]->state)->toBe('possible');
    });

    it('reads at the tack with the shrinkage still to come, at the root with half of it, and cold with none', function (): void {
        $holds = array_column(array_map(fn (Step $step): array => [$step->id, $step->hold], stretchSteps()), 1, 0);
        expect([$holds['op1-tack']->pending, $holds['op1-root']->pending, $holds['op1-weld']->pending])->toBe([-1.0, -0.5, 0.0])->and($holds['op1-tack']->target)->toBe(840.0);
        $unknown = StandardSteps::of([new PlannedCut('op1', 'cut', false, 200.0, 100.0, ShrinkageBook::of(0.0, []), [])], [], [], false, new Shop([]));
        expect(array_column(array_map(fn (Step $step): array => [$step->id, $step->hold], $unknown), 1, 0)['op1-tack']->pending)->toBeNull();
    });

    it('asks for no part that is cut, and for no first article that was tried', function (): void {
        $ids = fn (PartState $state): array => array_values(array_filter(array_map(fn (Step $step): string => $step->id, StandardSteps::of([], [new PlannedPart(1, 'Plate', '', 4, $state, null)], [], false, new Shop([]))), fn (string $id): bool => str_ends_with($id, '-1')));
        expect($ids(PartState::Drawn))->toBe(['first-1', 'part-1'])->and($ids(PartState::FirstArticle))->toBe(['part-1'])->and($ids(PartState::Cut))->toBe([]);
    });

    it('of a job without a plan is a survey and a safe vehicle', function (): void {
        expect(array_map(fn (Step $step): string => $step->id, StandardSteps::of([], [], [], false, new Shop([]))))->toBe(['survey', 'safe'])->and(array_map(fn (Step $step): string => $step->id, StandardSteps::of([], [], ['Axle moved'], false, new Shop([]))))->toBe(['survey', 'safe', 'change-1', 'final', 'eye']);
    });
});

describe('random plans', function (): void {
    it('are always ordered validly', function (int $seed): void {
        mt_srand($seed);
        $cuts = $parts = [];
        for ($i = 1; $i <= mt_rand(1, 4); $i++) {
            $cuts[] = new PlannedCut("op$i", "cut $i", mt_rand(0, 1) === 1, 200.0, 300.0, ShrinkageBook::of(0.5, []), array_map(fn (int $k): string => "line $k", range(1, mt_rand(1, 3))));
        }
        for ($i = 1; $i <= 6; $i++) {
            $parts[] = new PlannedPart($i, "part $i", mt_rand(0, 1) === 1 ? 'op1' : '', mt_rand(1, 3), PartState::Drawn, $i === 6 ? 1 : null);
        }
        $steps = StandardSteps::of($cuts, $parts, [], mt_rand(0, 1) === 1, new Shop([]));
        $sheet = RunSheet::of($steps, []);
        $place = array_flip(array_map(fn (OrderedStep $one): string => $one->step->id, $sheet->steps));
        expect($sheet->conflict)->toBeNull()->and(count($sheet->steps))->toBe(count($steps));
        foreach ($steps as $step) {
            foreach ($step->needs as $needed) {
                expect($place[$needed])->toBeLessThan($place[$step->id]);
            }
        }
    })->with(range(1, 12));
});

describe('a hold point', function (): void {
    $marks = fn (float $pending, string $stage): Hold => new Hold('Witness marks', 840.0, 1.0, $stage, $pending, abs($pending) / 2);

    it('goes on at the tack where the shrinkage to come will bring it in', function () use ($marks): void {
        expect(HoldVerdict::of($marks(-1.0, 'tack'), 841.0, 0.2)->action)->toBe('measure-again')->and(HoldVerdict::of(new Hold('Witness marks', 840.0, 2.0, 'tack', -1.0, 0.5), 841.0, 0.3)->mayGoOn())->toBeTrue()->and(HoldVerdict::of(new Hold('Witness marks', 840.0, 2.0, 'tack', -1.0, 0.5), 838.0, 0.2)->mayGoOn())->toBeFalse();
    });

    it('goes on cold only where it is within, with its uncertainty', function () use ($marks): void {
        expect(HoldVerdict::of($marks(0.0, 'cold'), 840.2, 0.2)->mayGoOn())->toBeTrue()->and(HoldVerdict::of($marks(0.0, 'cold'), 840.8, 0.2)->mayGoOn())->toBeFalse()->and(HoldVerdict::of($marks(0.0, 'cold'), 843.0, 0.2)->action)->toBe('move');
    });

    it('that is looked at needs no reading, one that is measured does', function () use ($marks): void {
        expect(HoldVerdict::of(new Hold('Seen'), null, 0.3)->mayGoOn())->toBeTrue()->and(fn () => HoldVerdict::of($marks(0.0, 'cold'), null, 0.3))->toThrow(InvalidFields::class, 'reading');
    });
});

describe('cautions', function (): void {
    it('stand at the step, and are asked where it can kill', function (): void {
        $of = fn (string $kind): Step => new Step('x', 'x', $kind);
        expect(implode(' ', Cautions::of($of('weld'))))->toContain('bearings')->toContain('fire watch')->and(implode(' ', Cautions::of($of('make-safe'))))->toContain('airbags')->and(implode(' ', Cautions::of($of('strip'))))->toContain('tank')->and(Cautions::areAsked($of('support')))->toBeTrue()->and(Cautions::areAsked($of('coat')))->toBeFalse()->and(Cautions::of($of('make')))->toBe([]);
    });

    it('never call anything approved', function (): void {
        foreach (['make-safe', 'support', 'strip', 'cut', 'tack', 'weld', 'release', 'pull', 'drill', 'fit'] as $kind) {
            expect(implode(' ', Cautions::of(new Step('x', 'x', $kind))))->not->toContain('approved')->not->toBe('');
        }
    });
});

describe('the shrinkage book', function (): void {
    it('starts from the estimate, and learns from every cut of the shop', function (): void {
        $none = ShrinkageBook::of(0.8, []);
        $some = ShrinkageBook::of(0.8, [1.2, 1.1, 1.3]);
        $many = ShrinkageBook::of(0.8, array_fill(0, 30, 1.2));
        expect($none?->mean)->toBe(0.8)->and($none?->sigma)->toEqualWithDelta(0.4, 1e-12)->and($some?->mean)->toBeGreaterThan(1.0)->toBeLessThan(1.2)->and($many?->mean)->toEqualWithDelta(1.2, 0.02)->and($some?->cases)->toBe(3)->and($many?->sigma)->toBeLessThan($some?->sigma);
    });

    it('agrees with the worked case of the calculator', function (): void {
        // Prior 0.8 ± 0.4, scatter 0.3: weights 6.25 and 11.11 each.
        $book = ShrinkageBook::of(0.8, [0.9, 1.1, 0.8]);
        $weight = 1 / 0.16 + 3 / 0.09;
        expect($book?->mean)->toEqualWithDelta((0.8 / 0.16 + 2.8 / 0.09) / $weight, 1e-9)->and($book?->sigma)->toEqualWithDelta(sqrt(1 / $weight + 0.09), 1e-9);
    });

    it('knows nothing where nobody does, and takes the shop’s word where the plan has none', function (): void {
        expect(ShrinkageBook::of(0.0, []))->toBeNull()->and(ShrinkageBook::of(0.0, [1.0, 1.2])?->mean)->toEqualWithDelta(1.1, 0.02);
    });
});
