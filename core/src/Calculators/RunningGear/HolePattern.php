<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Fields\InvalidFields;

/** Holes laid out from tapes: the first at the origin, the second along x, y to the left of that line; mm. */
final readonly class HolePattern
{
    private const ROUNDS = 60;

    /**
     * @param  list<string>  $ids
     * @param  list<array{float, float}>  $places
     * @param  list<array{int, int, float}>  $tapes
     */
    private function __construct(public array $ids, public array $places, public array $tapes) {}

    /**
     * @param  list<string>  $ids
     * @param  list<float>  $sides  1 left, −1 right of the base line
     * @param  list<array{int, int, float}>  $tapes  from, to, length
     *
     * @throws InvalidFields if a hole is not fixed, or tapes do not meet
     */
    public static function of(array $ids, array $sides, array $tapes): self
    {
        $places = self::started($ids, $sides, $tapes);

        return new self($ids, self::settled($places, $tapes), $tapes);
    }

    /** @return list<float> by how much each tape reads too long */
    public function off(): array
    {
        return array_map(fn (array $tape): float => $tape[2] - self::between($this->places, $tape), $this->tapes);
    }

    /**
     * Each hole where two tapes to holes before it meet.
     *
     * @param  list<string>  $ids
     * @param  list<float>  $sides
     * @param  list<array{int, int, float}>  $tapes
     * @return list<array{float, float}>
     */
    private static function started(array $ids, array $sides, array $tapes): array
    {
        $base = self::tape($tapes, 0, 1) ?? throw InvalidFields::at('tapes', sprintf('missing: one from “%s” to “%s”, the base line.', $ids[0], $ids[1]));
        $places = [[0.0, 0.0], [$base, 0.0]];
        foreach (array_keys($ids) as $k) {
            if ($k < 2) {
                continue;
            }
            $best = null;
            foreach (array_keys($places) as $i) {
                for ($j = $i + 1; $j < $k; $j++) {
                    [$a, $b] = [self::tape($tapes, $i, $k), self::tape($tapes, $j, $k)];
                    $met = $a === null || $b === null ? null : self::met($places, $i, $j, $a, $b, $sides[$k]);
                    // Where tapes cross nearest to square the place is fixed best.
                    $best = $met !== null && ($best === null || $met[1] > $best[1]) ? $met : $best;
                }
            }
            $places[] = $best[0] ?? throw InvalidFields::at('tapes', sprintf('“%s” is not fixed: it needs tapes to two holes before it in the list, and they have to meet.', $ids[$k]));
        }

        return $places;
    }

    /**
     * @param  list<array{float, float}>  $places
     * @return ?array{array{float, float}, float} the place, and the sine of the angle under which the tapes cross
     */
    private static function met(array $places, int $i, int $j, float $a, float $b, float $side): ?array
    {
        [$x, $y] = [$places[$j][0] - $places[$i][0], $places[$j][1] - $places[$i][1]];
        $d = hypot($x, $y);
        if ($d < 1e-9) {
            return null;
        }
        $along = ($a ** 2 - $b ** 2 + $d ** 2) / (2 * $d);
        $square = $a ** 2 - $along ** 2;
        // Tapes that miss each other by what a tape may err still meet on the line.
        if ($square < -0.02 * $a ** 2) {
            return null;
        }
        $up = sqrt(max(0.0, $square));
        $both = array_map(fn (float $way): array => [$places[$i][0] + ($along * $x - $way * $up * $y) / $d, $places[$i][1] + ($along * $y + $way * $up * $x) / $d], [1.0, -1.0]);
        $chosen = $side * $both[0][1] >= $side * $both[1][1] ? $both[0] : $both[1];

        return [$chosen, $up * $d / ($a * $b)];
    }

    /**
     * Gauss and Newton, damped; the first hole and the line to the second stay.
     *
     * @param  list<array{float, float}>  $places
     * @param  list<array{int, int, float}>  $tapes
     * @return list<array{float, float}>
     */
    private static function settled(array $places, array $tapes): array
    {
        /** @var list<array{int, 0|1}> $unknown */
        $unknown = [[1, 0]];
        foreach (array_slice(array_keys($places), 2) as $k) {
            array_push($unknown, [$k, 0], [$k, 1]);
        }
        $many = count($unknown);
        $damping = 1e-9;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $normal = array_fill(0, $many, array_fill(0, $many, 0.0));
            $right = array_fill(0, $many, 0.0);
            foreach ($tapes as $tape) {
                $now = max(1e-9, self::between($places, $tape));
                $row = array_map(fn (array $u): float => match ($u[0]) {
                    $tape[0] => ($places[$tape[0]][$u[1]] - $places[$tape[1]][$u[1]]) / $now,
                    $tape[1] => ($places[$tape[1]][$u[1]] - $places[$tape[0]][$u[1]]) / $now,
                    default => 0.0,
                }, $unknown);
                foreach ($row as $p => $one) {
                    $right[$p] += $one * ($tape[2] - $now);
                    foreach ($row as $q => $other) {
                        $normal[$p][$q] += $one * $other;
                    }
                }
            }
            foreach (array_keys($right) as $p) {
                $normal[$p][$p] += $damping;
            }
            $step = SmallSystem::solve($normal, $right);
            foreach ($unknown as $p => [$hole, $axis]) {
                $places[$hole] = $axis === 0 ? [$places[$hole][0] + $step[$p], $places[$hole][1]] : [$places[$hole][0], $places[$hole][1] + $step[$p]];
            }
            if (max([0.0, ...array_map(abs(...), $step)]) < 1e-10) {
                break;
            }
        }

        return $places;
    }

    /** @param  list<array{int, int, float}>  $tapes */
    private static function tape(array $tapes, int $one, int $other): ?float
    {
        foreach ($tapes as [$from, $to, $length]) {
            if ([$from, $to] === [$one, $other] || [$from, $to] === [$other, $one]) {
                return $length;
            }
        }

        return null;
    }

    /**
     * @param  list<array{float, float}>  $places
     * @param  array{int, int, float}  $tape
     */
    private static function between(array $places, array $tape): float
    {
        return hypot($places[$tape[1]][0] - $places[$tape[0]][0], $places[$tape[1]][1] - $places[$tape[0]][1]);
    }
}
