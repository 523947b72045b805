<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Survey\Reading\ReadingKind;

/** Tells readings of the same thing by one key, whichever end was called first. */
final readonly class TakenReadings
{
    public static function key(ReadingKind $kind): string
    {
        $points = $kind->points();
        sort($points);

        return $kind::name().' '.implode(' ', $points);
    }
}
