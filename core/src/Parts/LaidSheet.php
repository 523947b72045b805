<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

use Geodex\Core\Calculators\Plates\Piece;

/** Whether pieces that were laid by hand lie on their sheet, and apart from each other: by exact distances. */
final readonly class LaidSheet
{
    private const NEAR = 1e-6;

    /**
     * @param  array<string, Piece>  $pieces  as they lie
     * @return array<string, string> what is wrong, by the name of the piece
     */
    public static function faults(array $pieces, float $width, float $height, float $border, float $bridge): array
    {
        $faults = [];
        $names = array_keys($pieces);
        foreach ($names as $i => $name) {
            [$left, $low, $right, $high] = $pieces[$name]->box;
            if ($left < $border - self::NEAR || $low < $border - self::NEAR || $right > $width - $border + self::NEAR || $high > $height - $border + self::NEAR) {
                $faults[$name] = 'over the border';
            }
            foreach (array_slice($names, $i + 1) as $other) {
                if (! $pieces[$name]->isClearOf($pieces[$other], $bridge)) {
                    $faults[$name] ??= 'too near to another';
                    $faults[$other] ??= 'too near to another';
                }
            }
        }

        return $faults;
    }
}
