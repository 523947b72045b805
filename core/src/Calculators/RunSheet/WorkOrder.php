<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

/** Steps and what has to come before what, each with its reason (topological sorting by Kahn, critical path method). Steps go by their place in the list. */
final readonly class WorkOrder
{
    private const SAME = 1e-9;

    /** @var list<array<int, string>> of each step, what comes after it and why */
    private array $after;

    /** @var list<list<int>> of each step, what comes before it */
    private array $before;

    /** @param  list<WorkStep>  $steps */
    public function __construct(private array $steps, bool $hasRules)
    {
        $after = $before = array_fill(0, count($steps), []);
        foreach ($steps as $i => $first) {
            foreach ($steps as $j => $then) {
                $because = $i === $j ? null : $this->because($first, $then, $hasRules);
                if ($because !== null) {
                    $after[$i][$j] = $because;
                    $before[$j][] = $i;
                }
            }
        }
        [$this->after, $this->before] = [$after, $before];
    }

    private function because(WorkStep $first, WorkStep $then, bool $hasRules): ?string
    {
        if (in_array($first->id, $then->needs, true)) {
            return "“{$then->id}” needs it";
        }
        foreach ($then->closes as $zone) {
            if (in_array($zone, $first->inside, true) && ! in_array($zone, $first->closes, true)) {
                return "it has to reach “{$zone}”, which is closed then";
            }
        }

        return $hasRules ? StandardRules::because($first, $then) : null;
    }

    /** @return ?list<int> the shortest ring of steps that each come before the next, the last before the first */
    public function ring(): ?array
    {
        $shortest = null;
        foreach (array_keys($this->steps) as $start) {
            $ring = $this->ringFrom($start);
            $shortest = $ring !== null && ($shortest === null || count($ring) < count($shortest)) ? $ring : $shortest;
        }

        return $shortest;
    }

    /** @return ?list<int> */
    private function ringFrom(int $start): ?array
    {
        $from = [$start => null];
        for ($queue = [$start]; $queue !== [];) {
            $at = array_shift($queue);
            foreach (array_keys($this->after[$at]) as $next) {
                if ($next === $start) {
                    return $this->back($at, $from);
                }
                if (! array_key_exists($next, $from)) {
                    $from[$next] = $at;
                    $queue[] = $next;
                }
            }
        }

        return null;
    }

    /**
     * @param  array<int, ?int>  $from  the step that each was reached from
     * @return list<int>
     */
    private function back(int $at, array $from): array
    {
        $path = [];
        for ($step = $at; $step !== null; $step = $from[$step] ?? null) {
            array_unshift($path, $step);
        }

        return $path;
    }

    /**
     * @param  list<int>  $ring
     * @return list<string> a sentence for each arrow
     */
    public function reasons(array $ring): array
    {
        $said = [];
        foreach ($ring as $k => $i) {
            $then = $ring[($k + 1) % count($ring)];
            $said[] = sprintf('“%s” comes before “%s”: %s.', $this->steps[$i]->id, $this->steps[$then]->id, $this->after[$i][$then] ?? '');
        }

        return $said;
    }

    /**
     * @param  array<int, true>  $done
     * @return list<int> what a step still waits for
     */
    public function waitsFor(int $step, array $done): array
    {
        return array_values(array_filter($this->before[$step], fn (int $one): bool => ! isset($done[$one])));
    }

    /**
     * Of every step not done, the minutes of the longest chain from it to an end. Only where there is no ring.
     *
     * @param  array<int, true>  $done
     * @return array<int, float>
     */
    public function chains(array $done): array
    {
        $chains = [];
        $left = array_diff(array_keys($this->steps), array_keys($done));
        while ($left !== []) {
            foreach ($left as $k => $i) {
                $next = array_filter(array_keys($this->after[$i]), fn (int $one): bool => ! isset($done[$one]));
                if (array_diff($next, array_keys($chains)) === []) {
                    $chains[$i] = $this->steps[$i]->minutes + max([0.0, ...array_map(fn (int $one): float => $chains[$one] ?? 0.0, $next)]);
                    unset($left[$k]);
                }
            }
        }
        ksort($chains);

        return $chains;
    }

    /**
     * The chain that takes longest, the first in the list where several do.
     *
     * @param  array<int, true>  $done
     * @return list<int>
     */
    public function critical(array $done): array
    {
        $chains = $this->chains($done);
        $path = [];
        for ($at = $this->longest(array_keys($chains), $chains); $at !== null; $at = $this->longest(array_keys($this->after[$at]), $chains)) {
            $path[] = $at;
        }

        return $path;
    }

    /**
     * @param  array<int, true>  $done
     * @return array{list<int>, int} what is not done in order, and how often the support state changes on the way
     */
    public function order(array $done, string $state): array
    {
        $chains = $this->chains($done);
        [$order, $changes] = [[], 0];
        while (count($done) < count($this->steps)) {
            $possible = array_values(array_filter(array_keys($chains), fn (int $i): bool => ! isset($done[$i]) && $this->waitsFor($i, $done) === []));
            $fitting = array_values(array_filter($possible, fn (int $i): bool => in_array($this->steps[$i]->state, ['', $state], true)));
            $next = $this->longest($fitting === [] ? $possible : $fitting, $chains);
            if ($next === null) {
                break;
            }
            $now = $this->steps[$next]->state;
            if ($now !== '' && $now !== $state) {
                $changes++;
                $state = $now;
            }
            $order[] = $next;
            $done[$next] = true;
        }

        return [$order, $changes];
    }

    /**
     * @param  list<int>  $among  by place in the list
     * @param  array<int, float>  $chains
     */
    private function longest(array $among, array $chains): ?int
    {
        $best = null;
        foreach ($among as $i) {
            $best = isset($chains[$i]) && ($best === null || $chains[$i] > $chains[$best] + self::SAME) ? $i : $best;
        }

        return $best;
    }
}
