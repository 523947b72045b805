<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

use Geodex\Core\Fields\InvalidFields;

/** Outlines of straight edges; mm. */
final readonly class Outline
{
    /**
     * @param  list<array{float, float}>  $corners
     *
     * @throws InvalidFields if it has fewer than three corners, two alike in succession, or crosses or touches itself
     */
    public static function mustBeSimple(array $corners, string $path): void
    {
        $many = count($corners);
        if ($many < 3) {
            throw InvalidFields::at($path, 'at least three corners.');
        }
        foreach ($corners as $i => $a) {
            $b = $corners[($i + 1) % $many];
            if (hypot($b[0] - $a[0], $b[1] - $a[1]) < 1e-9) {
                throw InvalidFields::at($path.'['.(($i + 1) % $many).']', 'stands on the corner before it.');
            }
            for ($k = $i + 2; $k < $many; $k++) {
                if (($k + 1) % $many !== $i && self::meet($a, $b, $corners[$k], $corners[($k + 1) % $many])) {
                    throw InvalidFields::at($path, sprintf('crosses or touches itself: edge %d and edge %d.', $i + 1, $k + 1));
                }
            }
        }
        if (abs(self::area($corners)) < 1e-9) {
            throw InvalidFields::at($path, 'has no area.');
        }
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     * @param  array{float, float}  $d
     */
    private static function meet(array $a, array $b, array $c, array $d): bool
    {
        $crosses = Piece::side($a, $b, $c) * Piece::side($a, $b, $d) < 0.0 && Piece::side($c, $d, $a) * Piece::side($c, $d, $b) < 0.0;

        return $crosses || min(Piece::distance($a, $c, $d), Piece::distance($b, $c, $d), Piece::distance($c, $a, $b), Piece::distance($d, $a, $b)) < 1e-9;
    }

    /** @param  list<array{float, float}>  $corners */
    public static function perimeter(array $corners, bool $isClosed): float
    {
        $sum = 0.0;
        foreach ($corners as $i => [$x, $y]) {
            $next = $corners[$i + 1] ?? ($isClosed ? $corners[0] : null);
            $sum += $next === null ? 0.0 : hypot($next[0] - $x, $next[1] - $y);
        }

        return $sum;
    }

    /**
     * Anticlockwise plus.
     *
     * @param  list<array{float, float}>  $corners
     */
    public static function area(array $corners): float
    {
        $sum = 0.0;
        foreach ($corners as $i => [$x, $y]) {
            [$u, $v] = $corners[($i + 1) % count($corners)];
            $sum += $x * $v - $u * $y;
        }

        return $sum / 2;
    }
}
