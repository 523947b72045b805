<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

use Geodex\Core\Fields\InvalidFields;

/** Whether control points can carry a face, in the picture and on it. */
final readonly class ControlPoints
{
    /** Of the greatest distance between them, the least height of a triangle that carries. */
    private const HIGH = 0.05;

    /**
     * @param  list<array{float, float}>  $points
     * @param  float  $alike  nearer ones are one
     *
     * @throws InvalidFields if two are alike, or no four of them carry
     */
    public static function mustCarry(array $points, float $alike, string $what): void
    {
        $size = 0.0;
        foreach ($points as $i => $one) {
            foreach (array_slice($points, $i + 1, null, true) as $k => $other) {
                $apart = hypot($one[0] - $other[0], $one[1] - $other[1]);
                $size = max($size, $apart);
                if ($apart < $alike) {
                    throw InvalidFields::at("control[$k].$what", sprintf('stands on control point %d.', $i + 1));
                }
            }
        }
        if (! self::hasFour($points, self::HIGH * $size)) {
            throw InvalidFields::at('control', 'no four of the points lie far enough off each other’s lines '.($what === 'pixel' ? 'in the picture.' : 'on the face.'));
        }
    }

    /**
     * Whether a pixel lies within all control pixels, or on their edge.
     *
     * @param  list<array{float, float}>  $points
     */
    public static function surround(array $points, float $x, float $y): bool
    {
        $hull = self::hull($points);
        foreach ($hull as $i => $one) {
            $next = $hull[($i + 1) % count($hull)];
            if (($next[0] - $one[0]) * ($y - $one[1]) - ($next[1] - $one[1]) * ($x - $one[0]) < -1e-9) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<array{float, float}>  $points */
    private static function hasFour(array $points, float $least): bool
    {
        $many = count($points);
        $good = [];
        for ($a = 0; $a < $many; $a++) {
            for ($b = $a + 1; $b < $many; $b++) {
                for ($c = $b + 1; $c < $many; $c++) {
                    $good[$a][$b][$c] = self::height($points[$a], $points[$b], $points[$c]) >= $least - 1e-9;
                }
            }
        }
        for ($a = 0; $a < $many; $a++) {
            for ($b = $a + 1; $b < $many; $b++) {
                for ($c = $b + 1; $c < $many; $c++) {
                    for ($d = $c + 1; $good[$a][$b][$c] && $d < $many; $d++) {
                        if ($good[$a][$b][$d] && $good[$a][$c][$d] && $good[$b][$c][$d]) {
                            return true;
                        }
                    }
                }
            }
        }

        return false;
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     */
    private static function height(array $a, array $b, array $c): float
    {
        $longest = max(hypot($b[0] - $a[0], $b[1] - $a[1]), hypot($c[0] - $b[0], $c[1] - $b[1]), hypot($a[0] - $c[0], $a[1] - $c[1]));

        return abs(($b[0] - $a[0]) * ($c[1] - $a[1]) - ($b[1] - $a[1]) * ($c[0] - $a[0])) / max(1e-12, $longest);
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}> anticlockwise (Andrew's chain)
     */
    private static function hull(array $points): array
    {
        usort($points, fn (array $a, array $b): int => $a <=> $b);

        return [...self::chain($points), ...self::chain(array_reverse($points))];
    }

    /**
     * @param  list<array{float, float}>  $points  in order
     * @return list<array{float, float}> one half of the hull, without its last point
     */
    private static function chain(array $points): array
    {
        $line = [];
        foreach ($points as [$x, $y]) {
            for ($n = count($line); $n > 1; $n--) {
                [[$a, $b], [$c, $d]] = [$line[$n - 2], $line[$n - 1]];
                if (($c - $a) * ($y - $b) - ($d - $b) * ($x - $a) > 0.0) {
                    break;
                }
                array_pop($line);
            }
            $line[] = [$x, $y];
        }

        return array_slice($line, 0, -1);
    }
}
