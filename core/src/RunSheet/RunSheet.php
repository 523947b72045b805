<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

use Geodex\Core\Calculators\RunSheet\WorkOrder;

/** The steps of a job in order: what is possible now, what waits for what, what was done too early, what cannot be done any more. */
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
     * @param  list<Arrow>  $arrows  of persons
     */
    public static function of(array $steps, array $done, array $arrows = []): self
    {
        $work = self::work($steps, $arrows);
        $ring = $work->ring();
        if ($ring !== null) {
            return new self(array_map(fn (Step $step): OrderedStep => new OrderedStep($step, isset($done[$step->id]) ? 'done' : 'blocked', [], false), $steps), array_sum(array_map(fn (Step $step): float => $step->minutes, $steps)), 0.0, 0, self::said($steps, $work->reasons($ring)));
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
            $waits = array_map(fn (int $k): Step => $steps[$k], $work->waitsFor($i, $places));
            $isDone = isset($places[$i]);
            $closedBy = $isDone ? null : self::closedBy($steps[$i], $steps, $places);
            $ordered[] = new OrderedStep($steps[$i], match (true) {
                $isDone => 'done',
                $closedBy !== null => 'impossible',
                default => $waits === [] ? 'possible' : 'blocked',
            }, $waits, $isDone && $waits !== [], $closedBy, $isDone ? [] : self::shutsOut($steps[$i], $steps, $places));
        }
        $minutes = fn (int ...$of): float => array_sum(array_map(fn (int $i): float => $steps[$i]->minutes, $of));

        return new self($ordered, $minutes(...$order), $minutes(...$work->critical($places)), $setups, null);
    }

    /**
     * Why the steps cannot all come in the order that persons want; null where they can.
     *
     * @param  list<Step>  $steps
     * @param  list<Arrow>  $arrows
     * @return ?list<string>
     */
    public static function conflict(array $steps, array $arrows): ?array
    {
        $work = self::work($steps, $arrows);
        $ring = $work->ring();

        return $ring === null ? null : self::said($steps, $work->reasons($ring));
    }

    /**
     * @param  list<Step>  $steps
     * @param  list<Arrow>  $arrows
     */
    private static function work(array $steps, array $arrows): WorkOrder
    {
        $known = array_fill_keys(array_map(fn (Step $step): string => $step->id, $steps), true);
        $before = [];
        foreach ($arrows as $arrow) {
            $before[$arrow->then][] = $arrow->first;
        }

        return new WorkOrder(array_map(fn (Step $step) => $step->work($known, $before[$step->id] ?? []), $steps), true);
    }

    /**
     * Reasons by the titles of the steps.
     *
     * @param  list<Step>  $steps
     * @param  list<string>  $reasons
     * @return list<string>
     */
    private static function said(array $steps, array $reasons): array
    {
        $titles = [];
        foreach ($steps as $step) {
            $titles["“{$step->id}”"] = "“{$step->title}”";
        }

        return array_map(fn (string $reason): string => strtr($reason, $titles), $reasons);
    }

    /**
     * @param  list<Step>  $steps
     * @param  array<int, true>  $done
     */
    private static function closedBy(Step $step, array $steps, array $done): ?string
    {
        foreach (array_keys($done) as $i) {
            if (array_intersect($step->inside, $steps[$i]->closes) !== []) {
                return $steps[$i]->title;
            }
        }

        return null;
    }

    /**
     * @param  list<Step>  $steps
     * @param  array<int, true>  $done
     * @return list<Step>
     */
    private static function shutsOut(Step $step, array $steps, array $done): array
    {
        return array_values(array_filter($steps, fn (Step $one, int $i): bool => ! isset($done[$i]) && $one !== $step && array_intersect($one->inside, $step->closes) !== [], ARRAY_FILTER_USE_BOTH));
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
