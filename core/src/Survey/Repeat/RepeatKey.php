<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Repeat;

use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reading\TramReading;
use Geodex\Core\Survey\TakenReadings;

/** Tells readings that should give the same number. */
final readonly class RepeatKey
{
    /** Pointer lengths are part of the thing: other pointers, other reading. A rise or slope from the other end is another. */
    public static function of(Reading $reading): string
    {
        $kind = $reading->kind;
        $directed = in_array($kind::name(), ['rise', 'slope'], true);
        $pointers = $kind instanceof TramReading && $kind->pointers !== null ? abs($kind->pointers[0] - $kind->pointers[1]) : 0.0;

        return ($directed ? $kind::name().' '.implode(' ', $kind->points()) : TakenReadings::key($kind))." $pointers";
    }
}
