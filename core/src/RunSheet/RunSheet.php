<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

use Geodex\Core\Calculators\RunSheet\WorkOrder;

/** The steps of a job in order: what is possible now, what waits for what, what was done too early. */
final readonly class RunSheet
{
    /**
     * @param  list<OrderedStep>  $steps  done ones first, then in order; in the order given where they stand in each other's way
     * @param  ?list<string>  $conflict  a sentence for each arrow of a ring of steps
     */
    private function __construct(public array $steps, public float $minutesLeft, public float $longestChain, public int $setups, public ?array $conflict) {}

    /**
     * @param  list<Step>  $steps
     * @param  array<string, true>  $done  ids
     */
    public static function of(array $steps, array $done): self
    {
        $known = array_map(fn (Step $step): string => $step->id, $steps);
        // A step that needs one that is gone from the plan waits for nothing.
        $work = new WorkOrder(array_map(fn (Step $step) => (new Step($step->id, $step->title, $step->kind, $step->joint, $step->state, $step->minutes, array_values(array_intersect($step->needs, $known))))->work(), $steps), true);
        $ring = $work->ring();
        if ($ring !== null) {
            return new self(array_map(fn (Step $step): OrderedStep => new OrderedStep($step, isset($done[$step->id]) ? 'done' : 'blocked', [], false), $steps), array_sum(array_map(fn (Step $step): float => $step->minutes, $steps)), 0.0, 0, $work->reasons($ring));
        }
        $places = [];
        foreach ($steps as $i => $step) {
            if (isset($done[$step->id])) {
                $places[$i] = true;
            }
        }
        [$order, $setups] = $work->order($places, self::stateNow($steps, $places));
        $ordered = [];
        foreach ([...array_keys($places), ...$order] as $i) {
            $waits = $work->waitsFor($i, $places);
            $isDone = isset($places[$i]);
            $ordered[] = new OrderedStep($steps[$i], $isDone ? 'done' : ($waits === [] ? 'possible' : 'blocked'), array_map(fn (int $k): string => $steps[$k]->title, $waits), $isDone && $waits !== []);
        }
        $minutes = fn (int ...$of): float => array_sum(array_map(fn (int $i): float => $steps[$i]->minutes, $of));

        return new self($ordered, $minutes(...$order), $minutes(...$work->critical($places)), $setups, null);
    }

    /**
     * How the vehicle stands: as the last step that was done and has a state left it.
     *
     * @param  list<Step>  $steps
     * @param  array<int, true>  $done
     */
    private static function stateNow(array $steps, array $done): string
    {
        $state = '';
        foreach (array_keys($done) as $i) {
            $state = $steps[$i]->state === '' ? $state : $steps[$i]->state;
        }

        return $state;
    }
}
