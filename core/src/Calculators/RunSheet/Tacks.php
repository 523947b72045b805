<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

/** Tacks along a seam, and in which order: both ends, then always half way in the widest gap. */
final readonly class Tacks
{
    /** @return list<float> middles along the seam, in the order to tack (mm) */
    public static function along(float $length, float $tack, float $spacing): array
    {
        if ($length < 2 * $tack) {
            return [$length / 2];
        }
        $many = max(2, (int) ceil(($length - $tack) / $spacing - 1e-9) + 1);
        $done = [0, $many - 1];
        while (count($done) < $many) {
            $sorted = $done;
            sort($sorted);
            [$start, $widest] = [0, 0];
            for ($i = 1; $i < count($sorted); $i++) {
                if ($widest < $sorted[$i] - $sorted[$i - 1]) {
                    [$start, $widest] = [$sorted[$i - 1], $sorted[$i] - $sorted[$i - 1]];
                }
            }
            $done[] = $start + intdiv($widest, 2);
        }

        return array_map(fn (int $i): float => $tack / 2 + ($length - $tack) * $i / ($many - 1), $done);
    }
}
