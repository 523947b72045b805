<?php

declare(strict_types=1);

namespace Geodex\Core\Tests\Support;

use Geodex\Core\Simulation\RandomSource;

/** A list in another order, the same for the same seed. */
final class Shuffled
{
    /**
     * @template T
     *
     * @param  list<T>  $list
     * @return list<T>
     */
    public static function by(int $seed, array $list): array
    {
        $random = new RandomSource($seed);
        for ($i = count($list) - 1; $i > 0; $i--) {
            $j = $random->whole(0, $i);
            [$list[$i], $list[$j]] = [$list[$j], $list[$i]];
        }

        return $list;
    }
}
