<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\Reading\HeightReading;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\Reading\TramReading;

/** A full round of a made-up frame: row by row across, both heights, along, both diagonals, and over the next row too. */
final readonly class FullTour
{
    /** @return list<ReadingKind> */
    public static function of(Frame $frame): array
    {
        $ids = array_map(fn ($point): string => $point->id, $frame->points);
        $rows = array_chunk($ids, 2);
        $tour = [];
        foreach ($rows as $i => $row) {
            $tour[] = TramReading::between($row, null);
            array_push($tour, HeightReading::between([$row[0]], null), HeightReading::between([$row[1] ?? $row[0]], null));
            foreach ([1, 2] as $step) {
                foreach ($rows[$i + $step] ?? [] as $to) {
                    foreach ($row as $from) {
                        $tour[] = TramReading::between([$from, $to], null);
                    }
                }
            }
        }

        return $tour;
    }
}
