<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Reading\HeightReading;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\Reading\TramReading;

/**
 * The plain first tour of a frame: row by row from the front, across, along both rails, both diagonals, and the heights.
 * It gives every point a little more than it needs; the adviser takes over once all are read.
 */
final readonly class StartingTour
{
    private const SAME_ROW_MM = 60.0;

    /** @return list<NextReading> the readings of the tour that have not been taken, in walking order */
    public function remaining(Frame $frame, Survey $survey, int $most): array
    {
        $taken = [];
        foreach ($survey->readingsInUse() as $reading) {
            $taken[TakenReadings::key($reading->kind)] = true;
        }
        $chart = [];
        foreach ($frame->points as $point) {
            if ($point->reference !== null) {
                $chart[$point->id] = $point->reference;
            }
        }
        $next = [];
        foreach ($this->tour($chart) as $kind) {
            if (! isset($taken[TakenReadings::key($kind)]) && count($next) < $most) {
                $next[] = new NextReading($kind::name(), $kind->points(), $kind->linearise($chart)->predicted, 1.0, 0, ReasonToRead::Unread);
            }
        }

        return $next;
    }

    /**
     * @param  array<string, Vector3>  $chart
     * @return iterable<ReadingKind>
     */
    private function tour(array $chart): iterable
    {
        $before = [];
        foreach ($this->rows($chart) as $row) {
            yield from $this->trams($row, $row, $chart);
            yield from $this->trams($before, $row, $chart);
            foreach ($row as $id) {
                yield HeightReading::between([$id], null);
            }
            $before = $row;
        }
    }

    /**
     * @param  list<string>  $from
     * @param  list<string>  $to
     * @param  array<string, Vector3>  $chart
     * @return iterable<ReadingKind>
     */
    private function trams(array $from, array $to, array $chart): iterable
    {
        foreach ($from as $i => $p) {
            foreach ($to as $j => $q) {
                if (($from !== $to || $i < $j) && $chart[$p]->minus($chart[$q])->norm() > 1.0) {
                    yield TramReading::between([$p, $q], null);
                }
            }
        }
    }

    /**
     * @param  array<string, Vector3>  $chart
     * @return list<list<string>> points of about one station, from the front
     */
    private function rows(array $chart): array
    {
        uasort($chart, fn (Vector3 $a, Vector3 $b): int => [$a->x, $a->y] <=> [$b->x, $b->y]);
        $rows = [];
        $station = -INF;
        foreach ($chart as $id => $place) {
            if ($place->x - $station > self::SAME_ROW_MM) {
                $rows[] = [];
                $station = $place->x;
            }
            $rows[count($rows) - 1][] = (string) $id;
        }

        return array_values($rows);
    }
}
