<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Marking;

/**
 * Parts on bars for the least stock, then the fewest bars. A start by filling each bar as full as it goes; then every cheaper choice of bars is tried, the
 * cheapest first, until one holds all parts: that one is the best there is. Given up after so many steps, and then it is not proven.
 */
final class BarPacker
{
    private const FITS = 1e-9;

    private const STEPS = 400_000;

    private const CHOICES = 4_000;

    private readonly BarFiller $filler;

    private int $steps = 0;

    /** @var array<string, true> what cannot be packed */
    private array $failed = [];

    /**
     * @param  non-empty-list<BarStock>  $stock
     * @param  non-empty-list<float>  $sizes  of parts with their kerf, the largest first, each once
     * @param  non-empty-list<int>  $counts  of each size
     */
    public function __construct(private readonly array $stock, private readonly array $sizes, private readonly array $counts)
    {
        $this->filler = new BarFiller($stock, $sizes, $counts);
    }

    /** @return ?array{bars: list<array{int, list<int>}>, proven: bool} bars as the place of their stock with how many of each size; null where the stock does not do */
    public function pack(bool $isExact): ?array
    {
        $start = $this->filler->filled();
        $choices = $isExact ? $this->cheaper($start) : null;
        if ($choices === null) {
            return $start === null ? null : ['bars' => $start, 'proven' => $this->isLeast($start)];
        }
        foreach ($choices as $choice) {
            $this->failed = [];
            $bars = $this->held($this->counts, $choice, $this->roomOf($choice) - $this->need());
            if ($bars !== null) {
                return ['bars' => $bars, 'proven' => true];
            }
            if ($this->isSpent()) {
                return $start === null ? null : ['bars' => $start, 'proven' => false];
            }
        }

        return $start === null ? null : ['bars' => $start, 'proven' => true];
    }

    /**
     * Choices of bars that cost less and could hold all, the cheapest first.
     *
     * @param  ?list<array{int, list<int>}>  $start
     * @return ?list<list<int>> how many of each stock; null where there are too many to look at
     */
    private function cheaper(?array $start): ?array
    {
        $most = $start === null ? [INF, PHP_INT_MAX] : $this->filler->cost($start);
        $choices = $this->choices(0, [], 0.0, 0.0, $most, []);
        if (count($choices) > self::CHOICES) {
            return null;
        }
        usort($choices, function (array $a, array $b): int {
            [$one, $other] = [$this->lengthOf($a), $this->lengthOf($b)];

            return abs($one - $other) > self::FITS ? $one <=> $other : array_sum($a) <=> array_sum($b);
        });

        return $choices;
    }

    /**
     * @param  list<int>  $now  of the stock before this
     * @param  array{float, int}  $most  length and bars that are to be beaten
     * @param  list<list<int>>  $found
     * @return list<list<int>>
     */
    private function choices(int $s, array $now, float $length, float $room, array $most, array $found): array
    {
        if (count($found) > self::CHOICES) {
            return $found;
        }
        if ($s >= count($this->stock)) {
            $isCheaper = $length < $most[0] - self::FITS || (abs($length - $most[0]) <= self::FITS && array_sum($now) < $most[1]);

            // More bars than the sum of parts asks for may be what holds them, so that all choices are listed.
            return $room >= $this->need() - self::FITS && $isCheaper ? [...$found, $now] : $found;
        }
        $stock = $this->stock[$s];
        for ($n = 0; $n <= min($stock->count ?? PHP_INT_MAX, array_sum($this->counts)) && $length + $n * $stock->length <= $most[0] + self::FITS; $n++) {
            $found = $this->choices($s + 1, [...$now, $n], $length + $n * $stock->length, $room + $n * $stock->room, $most, $found);
        }

        return $found;
    }

    /** @param  list<int>  $choice */
    private function lengthOf(array $choice): float
    {
        return array_sum(array_map(fn (int $n, BarStock $stock): float => $n * $stock->length, $choice, $this->stock));
    }

    /**
     * All that is left on just these bars, or null: the largest part first, with whatever leaves no more unused than can be spared.
     *
     * @param  list<int>  $left
     * @param  list<int>  $bars  of each stock
     * @return ?list<array{int, list<int>}>
     */
    private function held(array $left, array $bars, float $spare): ?array
    {
        if (array_sum($left) === 0) {
            return [];
        }
        $key = implode(',', $left).'|'.implode(',', $bars);
        if (isset($this->failed[$key]) || ++$this->steps > self::STEPS) {
            return null;
        }
        $largest = 0;
        while ($left[$largest] === 0) {
            $largest++;
        }
        foreach ($this->stock as $s => $stock) {
            if ($bars[$s] === 0 || $this->sizes[$largest] > $stock->room + self::FITS) {
                continue;
            }
            foreach ($this->fills($left, $largest, $stock->room, $spare) as [$fill, $unused]) {
                $held = $this->held(array_map(fn (int $one, int $by): int => $one - $by, $left, $fill), BarFiller::added($bars, $s, -1), $spare - $unused);
                if ($held !== null) {
                    return [[$s, $fill], ...$held];
                }
                if ($this->isSpent()) {
                    return null;
                }
            }
        }
        $this->failed[$key] = true;

        return null;
    }

    /**
     * Fills of one bar with that part on it to which nothing can be added, and that leave no more than that unused; the fullest of large parts first.
     *
     * @param  list<int>  $left
     * @return \Generator<int, array{list<int>, float}>
     */
    private function fills(array $left, int $largest, float $room, float $spare): \Generator
    {
        $fill = BarFiller::added(array_fill(0, count($left), 0), $largest, 1);
        yield from $this->more($left, $fill, $largest, $room - $this->sizes[$largest], $spare);
    }

    /**
     * @param  list<int>  $left
     * @param  list<int>  $fill
     * @return \Generator<int, array{list<int>, float}>
     */
    private function more(array $left, array $fill, int $i, float $room, float $spare): \Generator
    {
        if (++$this->steps > self::STEPS) {
            return;
        }
        if ($i >= count($left)) {
            // What still fits would have been put on.
            foreach ($this->sizes as $k => $size) {
                if ($left[$k] > $fill[$k] && $size <= $room + self::FITS) {
                    return;
                }
            }
            if ($room <= $spare + self::FITS) {
                yield [$fill, $room];
            }

            return;
        }
        $reach = 0.0;
        for ($k = $i; $k < count($left); $k++) {
            $reach += ($left[$k] - $fill[$k]) * $this->sizes[$k];
        }
        if ($room - $reach > $spare + self::FITS) {
            return;
        }
        for ($n = (int) min($left[$i] - $fill[$i], floor(($room + self::FITS) / $this->sizes[$i])); $n >= 0; $n--) {
            yield from $this->more($left, BarFiller::added($fill, $i, $n), $i + 1, $room - $n * $this->sizes[$i], $spare);
        }
    }

    /**
     * Whether no fewer bars of the only length there is could do.
     *
     * @param  list<array{int, list<int>}>  $bars
     */
    private function isLeast(array $bars): bool
    {
        return count($this->stock) === 1 && count($bars) === (int) ceil($this->need() / $this->stock[0]->room - self::FITS);
    }

    private function isSpent(): bool
    {
        return $this->steps > self::STEPS;
    }

    private function need(): float
    {
        return $this->filler->size($this->counts);
    }

    /** @param  list<int>  $choice */
    private function roomOf(array $choice): float
    {
        return array_sum(array_map(fn (int $n, BarStock $stock): float => $n * $stock->room, $choice, $this->stock));
    }
}
