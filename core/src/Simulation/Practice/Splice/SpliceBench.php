<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation\Practice\Splice;

use Geodex\Core\Calculators\RunSheet\WeldPiece;
use Geodex\Core\RunSheet\Holds\HoldVerdict;
use Geodex\Core\RunSheet\RunSheet;
use Geodex\Core\Simulation\RandomSource;

/** The vehicle of an exercise as it stands after all that a trainee did so far, and what was read on the way. */
final class SpliceBench
{
    /** Of what it draws in, what the root does. */
    private const OF_ROOT = 0.5;

    /** From the start of one piece to the start of the next (s). */
    private const OF_PIECE = 60.0;

    /** @var array<string, true> */
    public array $done = [];

    /** @var list<string> steps that were done before something that comes first */
    public array $early = [];

    /** @var list<string> hold points that were gone past without being read, or against what was read */
    public array $passed = [];

    /** @var list<array{step: string, what: string, read: float, action: string, move: ?float}> what was read, in order; mm */
    public array $readings = [];

    /** @var list<WeldPiece> */
    public array $welded = [];

    /** Pieces of the root that were laid where it was too warm. */
    public int $hot = 0;

    private RootHeat $heat;

    /** Seconds since the root was begun. */
    private float $clock = 0.0;

    /** Witness marks less what they have to read at the end (mm). */
    private float $off;

    public float $twist;

    private int $asked = 0;

    private function __construct(private readonly SpliceExercise $exercise)
    {
        $this->off = $exercise->misfit;
        $this->twist = $exercise->twist;
        $this->heat = new RootHeat(SpliceExercise::apart());
    }

    /** @param  list<SpliceAction>  $actions */
    public static function after(SpliceExercise $exercise, array $actions): self
    {
        $bench = new self($exercise);
        foreach ($actions as $action) {
            $bench->does($action);
        }

        return $bench;
    }

    public function sheet(): RunSheet
    {
        return RunSheet::of($this->exercise->steps, $this->done);
    }

    /** °C where a piece of the root lies, now. */
    public function warmth(WeldPiece $piece): float
    {
        return $this->heat->at($piece, $this->clock);
    }

    /** What the marks are off by for good, or would be if all went on from here; mm. */
    public function ends(): float
    {
        $still = isset($this->done['op1-weld']) ? 0.0 : (isset($this->done['op1-root']) ? 1 - self::OF_ROOT : 1.0);

        return $this->off - $still * $this->exercise->drawsIn;
    }

    private function does(SpliceAction $action): void
    {
        match ($action->kind) {
            'do' => $this->finish($action->step),
            'marks' => $this->readMarks($action->step),
            'heights' => $this->readHeights(),
            'move' => $this->off += isset($this->done['op1-root']) ? 0.0 : $action->amount,
            'jack' => $this->twist -= $action->amount,
            'weld' => $this->weld((int) $action->amount),
            'wait' => $this->clock += 60 * max(0.0, $action->amount),
        };
    }

    private function finish(string $id): void
    {
        $step = $this->exercise->step($id);
        if ($step === null || isset($this->done[$id])) {
            return;
        }
        foreach ($this->sheet()->steps as $one) {
            if ($one->step->id === $id && $one->waitsFor !== []) {
                $this->early[] = $id;
            }
        }
        $isMeasured = $step->hold !== null && ($step->hold->target !== null || $id === 'posts');
        if ($isMeasured && $this->last($id) !== 'go-on') {
            $this->passed[] = $id;
        }
        $this->done[$id] = true;
        $this->off -= match ($id) {
            'op1-root' => self::OF_ROOT * $this->exercise->drawsIn,
            'op1-weld' => (1 - self::OF_ROOT) * $this->exercise->drawsIn,
            default => 0.0,
        };
    }

    /** What the latest reading at a step said. */
    private function last(string $step): ?string
    {
        $of = array_values(array_filter($this->readings, fn (array $one): bool => $one['step'] === $step));

        return $of === [] ? null : $of[count($of) - 1]['action'];
    }

    /** At the tack as it is; at the root and cold with what that weld has drawn in by then. */
    private function readMarks(string $id): void
    {
        $hold = $this->exercise->step($id)?->hold;
        if ($hold?->target === null) {
            return;
        }
        $drawn = isset($this->done[$id]) ? 0.0 : match ($id) {
            'op1-root' => self::OF_ROOT * $this->exercise->drawsIn,
            'op1-weld' => (isset($this->done['op1-root']) ? 1 - self::OF_ROOT : 1.0) * $this->exercise->drawsIn,
            default => 0.0,
        };
        $read = $hold->target + $this->off - $drawn + $this->noise();
        $verdict = HoldVerdict::ofReading($hold, $read, $this->exercise->sigma);
        $this->readings[] = ['step' => $id, 'what' => 'witness marks', 'read' => $read, 'action' => $verdict->action, 'move' => $verdict->action === 'move' ? $verdict->number('move') : null];
    }

    private function readHeights(): void
    {
        $heights = array_map(fn (float $height): float => $height + $this->noise(), SpliceExercise::heights($this->twist));
        $verdict = HoldVerdict::ofHeights(['heights' => $heights, 'frontWidth' => SpliceExercise::apart(), 'rearWidth' => SpliceExercise::apart(), 'sigma' => $this->exercise->sigma, 'limit' => 2.0]);
        $this->readings[] = ['step' => 'posts', 'what' => 'twist by the four corners', 'read' => $verdict->number('difference'), 'action' => $verdict->action, 'move' => $verdict->action === 'move' ? $verdict->number('difference') : null];
    }

    private function weld(int $place): void
    {
        $piece = $this->exercise->pieces[$place] ?? null;
        if ($piece !== null && ! in_array($piece, $this->welded, true)) {
            $this->hot += $this->heat->at($piece, $this->clock) > RootHeat::LIMIT ? 1 : 0;
            $this->clock += self::OF_PIECE;
            $this->heat->weld($piece, $this->clock);
            $this->welded[] = $piece;
        }
    }

    private function noise(): float
    {
        return (new RandomSource($this->exercise->seed * 7919 + ++$this->asked))->normal($this->exercise->sigma);
    }
}
