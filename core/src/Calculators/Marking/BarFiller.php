<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Marking;

/** Parts on bars one bar after the other, each as full as it goes: quick, good, and not always the best. */
final class BarFiller
{
    private const FITS = 1e-9;

    /** Fills that are looked at for one bar. */
    private const TRIES = 4000;

    private int $tries = 0;

    /** @var list<int> of each size, while one bar is filled */
    private array $left = [];

    /** @var array<int, int> */
    private array $fullest = [];

    private float $spare = 0.0;

    /**
     * @param  non-empty-list<BarStock>  $stock
     * @param  non-empty-list<float>  $sizes  of parts with their kerf, the largest first, each once
     * @param  non-empty-list<int>  $counts  of each size
     */
    public function __construct(private readonly array $stock, private readonly array $sizes, private readonly array $counts) {}

    /** @return ?list<array{int, list<int>}> each bar filled as full as it goes, on whichever bar wastes least of its length */
    public function filled(): ?array
    {
        $best = null;
        // Once by what is left over of a bar, once with the longest bars, once with the shortest that take the part.
        foreach (count($this->stock) === 1 ? ['waste'] : ['waste', 'long', 'short'] as $by) {
            $bars = $this->filledBy($by);
            $best = $bars !== null && ($best === null || $this->cost($bars) < $this->cost($best)) ? $bars : $best;
        }

        return $best;
    }

    /** @return ?list<array{int, list<int>}> */
    private function filledBy(string $by): ?array
    {
        $left = $this->counts;
        $have = array_map(fn (BarStock $one): int => $one->count ?? PHP_INT_MAX, $this->stock);
        $bars = [];
        while (array_sum($left) > 0) {
            $chosen = null;
            foreach ($this->stock as $s => $stock) {
                if ($have[$s] < 1) {
                    continue;
                }
                $fill = $this->fullest($left, $stock->room);
                if (array_sum($fill) === 0) {
                    continue;
                }
                $used = $this->size($fill);
                $rank = match ($by) {
                    'waste' => ($stock->length - $used) / $used, 'long' => -$stock->length, default => $stock->length
                };
                $chosen = $chosen === null || $rank < $chosen[2] - self::FITS ? [$s, $fill, $rank] : $chosen;
            }
            if ($chosen === null) {
                return null;
            }
            [$s, $fill] = $chosen;
            $have[$s]--;
            $bars[] = [$s, $fill];
            $left = array_map(fn (int $one, int $by): int => $one - $by, $left, $fill);
        }

        return $bars;
    }

    /**
     * The largest part that fits, and then the fullest of a bounded search.
     *
     * @param  list<int>  $left
     * @return list<int>
     */
    private function fullest(array $left, float $room): array
    {
        $none = array_fill(0, count($left), 0);
        foreach ($this->sizes as $i => $size) {
            if ($left[$i] > 0 && $size <= $room + self::FITS) {
                [$this->tries, $this->left, $this->fullest, $this->spare] = [0, $left, self::added($none, $i, 1), $room - $size];
                $this->fuller($this->fullest, 0, $room - $size);

                return array_values($this->fullest);
            }
        }

        return $none;
    }

    /**
     * More of each size from here on, as many as go at first.
     *
     * @param  array<int, int>  $fill
     */
    private function fuller(array $fill, int $i, float $room): void
    {
        if ($room < $this->spare - self::FITS) {
            [$this->fullest, $this->spare] = [$fill, $room];
        }
        while ($i < count($fill) && ($this->left[$i] <= $fill[$i] || $this->sizes[$i] > $room + self::FITS)) {
            $i++;
        }
        // Nothing fits any more, or a bar without any waste was found.
        if ($i >= count($fill) || $this->spare <= self::FITS || ++$this->tries > self::TRIES) {
            return;
        }
        for ($n = (int) min($this->left[$i] - $fill[$i], floor(($room + self::FITS) / $this->sizes[$i])); $n >= 0; $n--) {
            $more = $fill;
            $more[$i] += $n;
            $this->fuller($more, $i + 1, $room - $n * $this->sizes[$i]);
        }
    }

    /**
     * @param  list<int>  $counts
     * @return list<int>
     */
    public static function added(array $counts, int $i, int $by): array
    {
        return array_map(fn (int $k, int $one): int => $k === $i ? $one + $by : $one, array_keys($counts), $counts);
    }

    /** @param  list<int>  $fill */
    public function size(array $fill): float
    {
        return array_sum(array_map(fn (int $n, float $size): float => $n * $size, $fill, $this->sizes));
    }

    /**
     * @param  list<array{int, list<int>}>  $bars
     * @return array{float, int} length of stock, bars
     */
    public function cost(array $bars): array
    {
        return [array_sum(array_map(fn (array $bar): float => $this->stock[$bar[0]]->length, $bars)), count($bars)];
    }
}
