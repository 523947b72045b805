<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** Sums of weights times Macaulay's brackets, Σ w ⟨x − xᵢ⟩ⁿ, at many stations in one walk along the frame. */
final readonly class MacaulaySum
{
    private const BINOMIALS = [1 => [1, 1], 2 => [1, 2, 1], 3 => [1, 3, 3, 1], 4 => [1, 4, 6, 4, 1]];

    /**
     * @param  list<array{float, float}>  $terms  station and weight
     * @param  int  $power  1 to 4
     * @param  list<float>  $stations  in any order
     * @return list<float> in the order of the stations
     */
    public static function at(array $terms, int $power, array $stations): array
    {
        usort($terms, fn (array $one, array $other): int => $one[0] <=> $other[0]);
        asort($stations);
        $origin = $terms[0][0] ?? 0.0;
        $moments = array_fill(0, $power + 1, 0.0);
        $sums = array_fill(0, count($stations), 0.0);
        $next = 0;
        foreach ($stations as $i => $x) {
            for (; $next < count($terms) && $terms[$next][0] < $x; $next++) {
                for ($k = 0, $part = $terms[$next][1]; $k <= $power; $k++, $part *= $origin - $terms[$next][0]) {
                    $moments[$k] += $part;
                }
            }
            $sum = 0.0;
            foreach (self::BINOMIALS[$power] as $k => $times) {
                $sum += $times * $moments[$k] * ($x - $origin) ** ($power - $k);
            }
            $sums[$i] = $sum;
        }

        return array_values($sums);
    }
}
