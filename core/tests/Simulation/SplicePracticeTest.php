<?php

declare(strict_types=1);

use Geodex\Core\RunSheet\OrderedStep;
use Geodex\Core\RunSheet\Welds\SequenceSchool;
use Geodex\Core\Simulation\Practice\PracticeLevel;
use Geodex\Core\Simulation\Practice\Splice\SpliceAction;
use Geodex\Core\Simulation\Practice\Splice\SpliceBench;
use Geodex\Core\Simulation\Practice\Splice\SpliceExercise;
use Geodex\Core\Simulation\Practice\Splice\SpliceScore;

function act(string $kind, string $step = '', float $amount = 0.0): SpliceAction
{
    return SpliceAction::of(['kind' => $kind, 'step' => $step, 'amount' => $amount]) ?? throw new LogicException("No action $kind.");
}

/**
 * Somebody who does what the sheet says: reads at every hold point, moves what has to be moved, welds in balance.
 *
 * @return list<SpliceAction>
 */
function careful(SpliceExercise $exercise): array
{
    $actions = [];
    $bench = SpliceBench::after($exercise, []);
    for ($guard = 0; $guard < 400; $guard++) {
        $possible = array_values(array_filter($bench->sheet()->steps, fn (OrderedStep $one): bool => $one->state === 'possible'));
        if ($possible === []) {
            break;
        }
        $step = $possible[0]->step;
        if ($step->id === 'op1-root' && $bench->welded === []) {
            foreach (SequenceSchool::Balanced->order($exercise->pieces, $exercise->centre()) as $piece) {
                while (SpliceBench::after($exercise, $actions)->warmth($piece) > 95.0) {
                    $actions[] = act('wait', '', 5.0);
                }
                $actions[] = act('weld', '', (float) array_search($piece, $exercise->pieces, true));
            }
        }
        if ($step->id === 'posts' || $step->hold?->target !== null) {
            $actions[] = act($step->id === 'posts' ? 'heights' : 'marks', $step->id);
            $last = SpliceBench::after($exercise, $actions)->readings;
            $read = $last[count($last) - 1];
            if ($read['action'] === 'move') {
                $actions[] = $step->id === 'posts' ? act('jack', '', $read['move'] ?? 0.0) : act('move', '', $read['move'] ?? 0.0);
            }
            $tries = count(array_filter($last, fn (array $one): bool => $one['step'] === $step->id));
            if ($read['action'] !== 'go-on' && $tries < 8 && ! ($step->id !== 'op1-tack' && $read['action'] === 'stop')) {
                $bench = SpliceBench::after($exercise, $actions);

                continue;
            }
        }
        $actions[] = act('do', $step->id);
        $bench = SpliceBench::after($exercise, $actions);
    }

    return $actions;
}

describe('a splice to practise', function (): void {
    it('is the same with the same number, and another with another', function (): void {
        $of = fn (int $seed): array => [(new SpliceExercise($seed, PracticeLevel::Journeyman))->drawsIn, (new SpliceExercise($seed, PracticeLevel::Journeyman))->twist];
        expect($of(7))->toBe($of(7))->and($of(7))->not->toBe($of(8));
    });

    it('goes well for who does what the sheet says', function (int $seed): void {
        $exercise = new SpliceExercise($seed, PracticeLevel::Journeyman);
        $bench = SpliceBench::after($exercise, careful($exercise));
        $score = SpliceScore::of($exercise, $bench);
        expect($bench->early)->toBe([])
            ->and(count($bench->done))->toBe(count($exercise->steps))
            ->and($score->points)->toBeGreaterThanOrEqual(75);
    })->with([1, 2]);

    it('goes badly for who welds first and measures never', function (int $seed): void {
        $exercise = new SpliceExercise($seed, PracticeLevel::Master);
        $actions = array_map(fn (int $i): SpliceAction => act('weld', '', (float) $i), array_keys($exercise->pieces));
        foreach (array_reverse($exercise->steps) as $step) {
            $actions[] = act('do', $step->id);
        }
        $score = SpliceScore::of($exercise, SpliceBench::after($exercise, $actions));
        expect($score->points)->toBeLessThan(30)
            ->and(array_filter($score->lines, fn (array $line): bool => ! $line['right']))->not->toBe([]);
    })->with(range(1, 2));

    it('shows at the marks what the welds have drawn in by then', function (): void {
        $exercise = new SpliceExercise(3, PracticeLevel::Apprentice);
        $tack = SpliceBench::after($exercise, [act('marks', 'op1-tack')])->readings[0]['read'];
        $cold = SpliceBench::after($exercise, [act('marks', 'op1-tack'), act('do', 'op1-root'), act('do', 'op1-weld'), act('marks', 'op1-weld')])->readings[1]['read'];
        expect($tack - $cold)->toEqualWithDelta($exercise->drawsIn, 5 * $exercise->sigma);
    });

    it('is moved at the tack, and not any more once the root is in', function (): void {
        $exercise = new SpliceExercise(3, PracticeLevel::Apprentice);
        $ends = fn (SpliceAction ...$actions): float => SpliceBench::after($exercise, array_values($actions))->ends();
        expect($ends(act('move', '', -2.0)) - $ends())->toEqualWithDelta(-2.0, 1e-9)
            ->and($ends(act('do', 'op1-root'), act('move', '', -2.0)))->toEqualWithDelta($ends(act('do', 'op1-root')), 1e-9);
    });

    it('takes the twist out with a jack', function (): void {
        $exercise = new SpliceExercise(5, PracticeLevel::Master);
        expect(SpliceBench::after($exercise, [act('jack', '', $exercise->twist)])->twist)->toEqualWithDelta(0.0, 1e-9);
    });

    it('grows warm where one piece is laid on the other, and cools while somebody waits', function (): void {
        $exercise = new SpliceExercise(5, PracticeLevel::Master);
        $all = array_map(fn (int $i): SpliceAction => act('weld', '', (float) $i), array_keys($exercise->pieces));
        $listed = SpliceBench::after($exercise, $all);
        $waited = SpliceBench::after($exercise, array_merge(...array_map(fn (SpliceAction $one): array => [$one, act('wait', '', 5.0)], $all)));
        $one = SpliceBench::after($exercise, [$all[0]]);
        expect($listed->hot)->toBeGreaterThan(0)
            ->and($waited->hot)->toBe(0)
            ->and($one->warmth($exercise->pieces[0]))->toBeGreaterThan(80.0)
            ->and($one->warmth($exercise->pieces[count($exercise->pieces) - 1]))->toBe(20.0)
            ->and(SpliceBench::after($exercise, [$all[0], act('wait', '', 10.0)])->warmth($exercise->pieces[0]))->toBeLessThan($one->warmth($exercise->pieces[0]));
    });

    it('welds a piece once, and knows no others', function (): void {
        $exercise = new SpliceExercise(5, PracticeLevel::Master);
        expect(SpliceBench::after($exercise, [act('weld', '', 0.0), act('weld', '', 0.0), act('weld', '', 999.0)])->welded)->toHaveCount(1);
    });

    it('takes no action that is none', function (array $given): void {
        expect(SpliceAction::of($given))->toBeNull();
    })->with([
        [[]],
        [['kind' => 'blow up']],
        [['kind' => 'move', 'amount' => 'much']],
        [['kind' => 'move', 'amount' => 1e9]],
        [['kind' => 'do', 'step' => 7]],
    ]);
});
