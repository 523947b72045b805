<?php

declare(strict_types=1);

use Geodex\Core\Parts\PartState;
use Geodex\Core\RunSheet\Arrow;
use Geodex\Core\RunSheet\BoltedPattern;
use Geodex\Core\RunSheet\Cautions;
use Geodex\Core\RunSheet\Holds\ShrinkageBook;
use Geodex\Core\RunSheet\OrderedStep;
use Geodex\Core\RunSheet\PlannedCut;
use Geodex\Core\RunSheet\PlannedPart;
use Geodex\Core\RunSheet\RunSheet;
use Geodex\Core\RunSheet\StandardSteps;
use Geodex\Core\RunSheet\Step;
use Geodex\Core\RunSheet\StrippedItem;
use Geodex\Core\RunSheet\Time\JobCost;
use Geodex\Core\RunSheet\Time\LoggedTime;
use Geodex\Core\RunSheet\Time\TimeBook;
use Geodex\Core\Shop\Shop;

/** @return list<Step> of a stretch with an insert, a plate made four times with its mirror image, and a shaft */
function stretchSteps(): array
{
    $cut = new PlannedCut('op1', 'stretch behind the cab', true, 200.0, 840.0, ShrinkageBook::of(1.0, [], ''));
    $parts = [new PlannedPart(1, 'Insert', 'op1', 2, PartState::Drawn, null), new PlannedPart(4, 'Closing plate', 'op1', 2, PartState::FirstArticle, null, true), new PlannedPart(2, 'Bracket', '', 1, PartState::Drawn, null), new PlannedPart(3, 'Bracket, mirrored', '', 1, PartState::Drawn, 2)];

    return StandardSteps::of([$cut], $parts, ['Rear axle moved'], StrippedItem::list(['fuel line', 'loom'], ['mudguards']), [BoltedPattern::drilled(7, 'Hanger', ['advice' => 'leave-one', 'leaveUndrilled' => 'd', 'lower' => 0.8]), BoltedPattern::torqued(8, 'Hanger bolts', ['torque' => 125.9], 'dry')], true, new Shop([]));
}

function stripped(string $what): StrippedItem
{
    return array_column(array_map(fn (StrippedItem $one): array => [$one->what, $one], StrippedItem::list(['fuel line', 'loom'], ['mudguards'])), 1, 0)[$what];
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
        ['survey', stripped('fuel line')->outId()],
        ['safe', stripped('loom')->outId()],
        ['bench', 'posts'],
        ['posts', 'op1-cut'],
        ['survey', 'op1-cut'],
        [stripped('fuel line')->outId(), 'op1-tack'],
        [stripped('mudguards')->outId(), 'op1-tack'],
        ['op1-edges', 'op1-spread'],
        ['op1-spread', 'op1-tack'],
        ['op1-coat', 'op1-close'],
        ['op1-close', 'released'],
        [stripped('mudguards')->backId(), stripped('loom')->backId()],
        [stripped('loom')->backId(), stripped('fuel line')->backId()],
        ['op1-cut', 'op1-edges'],
        ['op1-edges', 'op1-tack'],
        ['op1-tack', 'op1-root'],
        ['op1-root', 'op1-weld'],
        ['op1-weld', 'op1-coat'],
        ['op1-weld', 'released'],
        ['op1-coat', stripped('mudguards')->backId()],
        ['released', 'final'],
        ['final', 'shaft'],
        ['first-1', 'part-1'],
        ['part-1', 'op1-tack'],
        ['first-2', 'part-2'],
        ['first-2', 'part-3'],
        ['change-1', 'final'],
        ['op1-weld', 'drill-7'],
        ['drill-7', 'torque-8'],
    ]);

    it('holds every step once, and blocks what waits, saying for what', function (): void {
        $sheet = RunSheet::of(stretchSteps(), []);
        $blocked = array_column(array_map(fn (OrderedStep $one): array => [$one->step->id, $one], $sheet->steps), 1, 0);
        expect(count($sheet->steps))->toBe(count(stretchSteps()))->and(array_unique(order()))->toBe(order())->and($blocked['op1-cut']->state)->toBe('blocked')->and(array_map(fn (Step $one): string => $one->title, $blocked['op1-cut']->waitsFor))->toContain('Set posts under both halves')->and($blocked['safe']->state)->toBe('possible')
            ->and($sheet->longestChain)->toBeLessThan($sheet->minutesLeft)->and($sheet->conflict)->toBeNull();
    });

    it('frees what is next when something is done, and tells what was done too early', function (): void {
        $sheet = RunSheet::of(stretchSteps(), ['survey' => true, 'safe' => true, 'op1-weld' => true]);
        $states = array_column(array_map(fn (OrderedStep $one): array => [$one->step->id, $one], $sheet->steps), 1, 0);
        expect($states['bench']->state)->toBe('possible')
            ->and($states[stripped('loom')->outId()]->state)->toBe('possible')
            ->and($states['op1-weld']->state)->toBe('done')
            ->and($states['op1-weld']->isEarly)->toBeTrue()
            ->and($states['survey']->isEarly)->toBeFalse();
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

    it('comes as a person wants it, where that can be', function (): void {
        $free = [new Step('a', 'Drill', 'drill'), new Step('b', 'Tank in', 'other'), new Step('c', 'Wash', 'other')];
        $ids = fn (array $arrows): array => array_map(fn (OrderedStep $one): string => $one->step->id, RunSheet::of($free, [], $arrows)->steps);
        expect($ids([]))->toBe(['a', 'b', 'c'])
            ->and($ids([new Arrow('c', 'a')]))->toBe(['c', 'a', 'b'])
            ->and(RunSheet::conflict($free, [new Arrow('c', 'a')]))->toBeNull();
    });

    it('explains in a sentence for each arrow why it cannot', function (): void {
        $conflict = RunSheet::conflict(stretchSteps(), [new Arrow('op1-tack', 'op1-cut')]);
        expect($conflict)->toHaveCount(2)
            ->and(implode(' ', $conflict ?? []))->toContain('“Fit the insert and tack all that mates: stretch behind the cab” comes before')->toContain('edges are prepared on the cut rail');
    });

    it('tells what cannot be done any more, and what made it so', function (): void {
        $states = array_column(array_map(fn (OrderedStep $one): array => [$one->step->id, $one], RunSheet::of(stretchSteps(), ['op1-close' => true])->steps), 1, 0);
        expect($states['op1-coat']->state)->toBe('impossible')
            ->and($states['op1-coat']->closedBy)->toContain('Close the rail')
            ->and($states['op1-close']->isEarly)->toBeTrue();
    });

    it('says beforehand what a step makes impossible', function (): void {
        $states = array_column(array_map(fn (OrderedStep $one): array => [$one->step->id, $one], RunSheet::of(stretchSteps(), [])->steps), 1, 0);
        expect(array_map(fn (Step $one): string => $one->id, $states['op1-close']->shutsOut))->toBe(['op1-coat'])
            ->and($states['op1-coat']->shutsOut)->toBe([]);
        $coated = array_column(array_map(fn (OrderedStep $one): array => [$one->step->id, $one], RunSheet::of(stretchSteps(), ['op1-coat' => true])->steps), 1, 0);
        expect($coated['op1-close']->shutsOut)->toBe([]);
    });

    it('asks for what burns before it comes off', function (): void {
        $kinds = array_column(array_map(fn (Step $step): array => [$step->title, $step], stretchSteps()), 1, 0);
        expect(Cautions::areAsked($kinds['Out of the way of the heat: fuel line, bag 1']))->toBeTrue()
            ->and(Cautions::areAsked($kinds['Out of the way of the heat: loom, bag 2']))->toBeFalse()
            ->and((new StrippedItem('Fuel tank', 1))->burns())->toBeTrue()
            ->and((new StrippedItem('exhaust gaskets', 1))->burns())->toBeFalse();
    });

    it('waits for nothing that is gone from the plan', function (): void {
        expect(RunSheet::of([new Step('a', 'Own step', 'other', needs: ['gone'])], [])->steps[0]->state)->toBe('possible');
    });

    it('reads at the tack with the shrinkage still to come, at the root with half of it, and cold with none', function (): void {
        $holds = array_column(array_map(fn (Step $step): array => [$step->id, $step->hold], stretchSteps()), 1, 0);
        expect([$holds['op1-tack']->pending, $holds['op1-root']->pending, $holds['op1-weld']->pending])->toBe([-1.0, -0.5, 0.0])
            ->and($holds['op1-tack']->target)->toBe(840.0);
        $unknown = StandardSteps::of([new PlannedCut('op1', 'cut', false, 200.0, 100.0, ShrinkageBook::of(0.0, [], ''))], [], [], [], [], false, new Shop([]));
        expect(array_column(array_map(fn (Step $step): array => [$step->id, $step->hold], $unknown), 1, 0)['op1-tack']->pending)->toBeNull();
    });

    it('asks for no part that is cut, and for no first article that was tried', function (): void {
        $ids = fn (PartState $state): array => array_values(array_filter(array_map(fn (Step $step): string => $step->id, StandardSteps::of([], [new PlannedPart(1, 'Plate', '', 4, $state, null)], [], [], [], false, new Shop([]))), fn (string $id): bool => str_ends_with($id, '-1')));
        expect($ids(PartState::Drawn))->toBe(['first-1', 'part-1'])
            ->and($ids(PartState::FirstArticle))->toBe(['part-1'])
            ->and($ids(PartState::Cut))->toBe([]);
    });

    it('of a job without a plan is a survey and a safe vehicle', function (): void {
        expect(array_map(fn (Step $step): string => $step->id, StandardSteps::of([], [], [], [], [], false, new Shop([]))))->toBe(['survey', 'safe'])
            ->and(array_map(fn (Step $step): string => $step->id, StandardSteps::of([], [], ['Axle moved'], [], [], false, new Shop([]))))->toBe(['survey', 'safe', 'change-1', 'final', 'eye']);
    });
});

describe('random plans', function (): void {
    it('are always ordered validly', function (int $seed): void {
        mt_srand($seed);
        $cuts = $parts = [];
        for ($i = 1; $i <= mt_rand(1, 4); $i++) {
            $cuts[] = new PlannedCut("op$i", "cut $i", mt_rand(0, 1) === 1, 200.0, 300.0, ShrinkageBook::of(0.5, [], ''));
        }
        for ($i = 1; $i <= 6; $i++) {
            $parts[] = new PlannedPart($i, "part $i", mt_rand(0, 1) === 1 ? 'op1' : '', mt_rand(1, 3), PartState::Drawn, $i === 6 ? 1 : null);
        }
        $steps = StandardSteps::of($cuts, $parts, [], StrippedItem::list(array_map(fn (int $k): string => "line $k", range(1, mt_rand(1, 5))), []), [], mt_rand(0, 1) === 1, new Shop([]));
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

describe('cautions', function (): void {
    it('stand at the step, and are asked where it can kill', function (): void {
        $of = fn (string $kind): Step => new Step('x', 'x', $kind);
        expect(implode(' ', Cautions::of($of('weld'))))->toContain('bearings')->toContain('fire watch')
            ->and(implode(' ', Cautions::of($of('make-safe'))))->toContain('airbags')
            ->and(implode(' ', Cautions::of($of('fuel'))))->toContain('tank')
            ->and(Cautions::areAsked($of('support')))->toBeTrue()
            ->and(Cautions::areAsked($of('coat')))->toBeFalse()
            ->and(Cautions::of($of('make')))->toBe([]);
    });

    it('never call anything approved', function (): void {
        foreach (['make-safe', 'support', 'fuel', 'close', 'cut', 'tack', 'weld', 'release', 'pull', 'drill', 'fit'] as $kind) {
            expect(implode(' ', Cautions::of(new Step('x', 'x', $kind))))->not->toContain('approved')->not->toBe('');
        }
    });
});

describe('bolts', function (): void {
    it('are drilled as their forecast advises, and drawn up as their sheet says', function (): void {
        $how = fn (string $advice): string => BoltedPattern::drilled(7, 'Hanger', ['advice' => $advice, 'leaveUndrilled' => 'd', 'lower' => 0.707])->title;
        expect($how('drill-all'))->toBe('Hanger: drill all holes, at least 71 % that every bolt enters')
            ->and($how('leave-one'))->toContain('all but d, and d through when the others are in')
            ->and($how('match-drill'))->toContain('match-drill from part to part, d last')
            ->and(BoltedPattern::torqued(8, 'Hanger', ['torque' => 125.9], 'oiled')->title)->toBe('Hanger: draw up to 126 N·m, oiled, and mark');
    });
});

describe('what a job costs', function (): void {
    it('is hours at the shop’s rate and what its sheets of filler say, and so far what was timed', function (): void {
        $cost = JobCost::of(new Shop(['hourlyRate' => 60.0]), 90.0, 12.5, [new LoggedTime('cut', 45.0, 60.0), new LoggedTime('weld', 60.0, 30.0)]);
        expect([$cost->labour, $cost->filler, $cost->taken, $cost->estimatedOfTaken])->toBe([90.0, 12.5, 90.0, 105.0])
            ->and(JobCost::of(new Shop([]), 60.0, 0.0, [])->labour)->toBe(70.0);
    });
});

describe('the time book', function (): void {
    it('corrects the next estimate by what three of a kind took', function (): void {
        $logged = fn (int $many): array => array_map(fn (): LoggedTime => new LoggedTime('cut', 45.0, 90.0), range(1, $many));
        $step = new Step('x', 'Cut', 'cut', minutes: 45.0);
        expect(TimeBook::of($logged(2))->corrected($step)->minutes)->toBe(45.0)
            ->and(TimeBook::of($logged(3))->corrected($step)->minutes)->toBe(90.0)
            ->and(TimeBook::of($logged(3))->corrected(new Step('y', 'Coat', 'coat', minutes: 30.0))->minutes)->toBe(30.0)
            ->and(TimeBook::of($logged(3))->corrected($step))->toEqual($step->taking(90.0));
    });

    it('is not spoilt by a day that nobody ended', function (): void {
        $book = TimeBook::of([new LoggedTime('cut', 45.0, 9000.0), new LoggedTime('cut', 0.0, 30.0), new LoggedTime('weld', 60.0, 60.0)]);
        expect($book->kinds[0]->factor)->toBe(4.0)
            ->and($book->kinds[0]->count)->toBe(1)
            ->and($book->kinds[1]->factor)->toBe(1.0);
    });
});
