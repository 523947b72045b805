<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/**
 * Finds the shift of all feet together, and then the move of each, that leaves fewest without a place and moves the rest least. Exact:
 * the sum is linear between the events, so trying each of them suffices; methods of the plan, section 5.
 */
final readonly class FeetFitter
{
    /** Numbers that differ by less are the same (mm). */
    private const SAME = 1e-9;

    /** @param  list<Foot>  $feet */
    public function fit(array $feet, float $maxShift): float
    {
        $shifts = [0.0, -$maxShift, $maxShift];
        foreach ($feet as $foot) {
            foreach ($foot->events() as $event) {
                if (abs($event) <= $maxShift) {
                    $shifts[] = $event;
                }
            }
        }
        usort($shifts, fn (float $one, float $other): int => [abs($one), $one] <=> [abs($other), $other]);
        $best = 0.0;
        [$unplaced, $cost] = $this->cost($feet, 0.0);
        foreach (array_values(array_unique($shifts)) as $shift) {
            [$left, $spent] = $this->cost($feet, $shift, [$unplaced, $cost]);
            $isBetter = $left < $unplaced || ($left === $unplaced && $spent < $cost - self::SAME);
            [$best, $unplaced, $cost] = $isBetter ? [$shift, $left, $spent] : [$best, $unplaced, $cost];
        }

        return $best;
    }

    /**
     * @param  list<Foot>  $feet
     * @param  array{int, float}  $enough  what is worse than this need not be counted to its end
     * @return array{int, float} how many find no place, and what the others move, weighted
     */
    public function cost(array $feet, float $shift, array $enough = [PHP_INT_MAX, INF]): array
    {
        [$unplaced, $cost] = [0, 0.0];
        foreach ($feet as $foot) {
            $move = $this->move($foot, $shift);
            $unplaced += $move === null ? 1 : 0;
            $cost += $foot->weight * abs($move ?? 0.0);
            if ($unplaced > $enough[0] || ($unplaced === $enough[0] && $cost > $enough[1])) {
                break;
            }
        }

        return [$unplaced, $cost];
    }

    /** What a foot moves after the shift, forward negative; null where it finds no place within its reach. */
    public function move(Foot $foot, float $shift): ?float
    {
        $move = $foot->clear->move($foot->station + $shift);

        return $move !== null && abs($move) <= $foot->maxMove + self::SAME ? $move : null;
    }
}
