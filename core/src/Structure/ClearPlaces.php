<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** Where the middle of a foot may stand along a rail: touching is clear, within is not. Forbidden intervals are open, merged and in order (mm). */
final readonly class ClearPlaces
{
    /** Numbers that differ by less (mm, or as a share of them) are the same: a foot that touches is clear. */
    private const SAME = 1e-9;

    /** @param  list<array{float, float}>  $forbidden */
    private function __construct(public array $forbidden) {}

    /**
     * @param  list<array{float, float}>  $obstacles  from, to
     * @param  ?float  $railFrom  the foot stays behind it
     * @param  ?float  $railTo  and ahead of it
     */
    public static function of(array $obstacles, float $foot, float $clearance, ?float $railFrom = null, ?float $railTo = null): self
    {
        $intervals = array_map(fn (array $one): array => [$one[0] - $clearance - $foot / 2, $one[1] + $clearance + $foot / 2], $obstacles);
        if ($railFrom !== null) {
            $intervals[] = [-INF, $railFrom + $foot / 2];
        }
        if ($railTo !== null) {
            $intervals[] = [$railTo - $foot / 2, INF];
        }
        $intervals = array_values(array_filter($intervals, fn (array $one): bool => $one[0] < $one[1]));
        usort($intervals, fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $merged = [];
        foreach ($intervals as $one) {
            $last = count($merged) - 1;
            if ($last >= 0 && $one[0] < $merged[$last][1]) {
                $merged[$last][1] = max($merged[$last][1], $one[1]);
            } else {
                $merged[] = $one;
            }
        }

        return new self($merged);
    }

    /** Least way from a place to a clear one: forward is negative, and goes first on a tie; null where there is none. */
    public function move(float $at): ?float
    {
        $inside = $this->around($at);
        if ($inside === null) {
            return 0.0;
        }
        [$forward, $rearward] = [$inside[0] - $at, $inside[1] - $at];

        return match (true) {
            is_infinite($forward) && is_infinite($rearward) => null,
            -$forward <= $rearward + self::SAME * max(1.0, $rearward) && ! is_infinite($forward) => $forward,
            default => $rearward,
        };
    }

    /** The farthest clear place that is not behind one. */
    public function atOrBefore(float $at): float
    {
        return $this->around($at)[0] ?? $at;
    }

    /** @return ?array{float, float} */
    private function around(float $at): ?array
    {
        [$low, $high] = [0, count($this->forbidden) - 1];
        while ($low <= $high) {
            $middle = intdiv($low + $high, 2);
            [$from, $to] = $this->forbidden[$middle];
            if ($at <= $from) {
                $high = $middle - 1;
            } elseif ($at >= $to) {
                $low = $middle + 1;
            } else {
                $touch = self::SAME * max(1.0, abs($at));

                return $at <= $from + $touch || $at >= $to - $touch ? null : [$from, $to];
            }
        }

        return null;
    }
}
