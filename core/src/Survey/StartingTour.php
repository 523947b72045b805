<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Rows;
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
    /** @return list<NextReading> the readings of the tour that have not been taken, in walking order */
    public function remaining(Frame $frame, Survey $survey, int $max, SurveyOptions $options = new SurveyOptions): array
    {
        $taken = [];
        foreach ($survey->readingsInUse() as $reading) {
            $taken[$reading->kind->key()] = true;
        }
        foreach ($survey->blocked as $key) {
            $taken[$key] = true;
        }
        $chart = $frame->chart();
        $next = [];
        $rows = $chart === [] ? $this->named($frame) : Rows::of($chart);
        foreach ($this->tour($rows, $chart) as $kind) {
            $expected = $chart === [] ? null : $kind->linearise($chart)->predicted;
            $tooLong = $kind instanceof TramReading && $expected !== null && $expected > $options->reach;
            if (! isset($taken[$kind->key()]) && ! $tooLong && count($next) < $max) {
                $next[] = new NextReading(kind: $kind::name(), points: $kind->points(), expected: $expected, gain: 1.0, settles: 0, because: ReasonToRead::Unread);
            }
        }

        return $next;
    }

    /**
     * @param  list<list<string>>  $rows
     * @param  array<string, Vector3>  $chart
     * @return iterable<ReadingKind>
     */
    private function tour(array $rows, array $chart): iterable
    {
        $before = [];
        foreach ($rows as $row) {
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
                if (($from !== $to || $i < $j) && (! isset($chart[$p], $chart[$q]) || $chart[$p]->minus($chart[$q])->norm() > 1.0)) {
                    yield TramReading::between([$p, $q], null);
                }
            }
        }
    }

    /** @return list<list<string>> without a chart: mates together, in the order of the job */
    private function named(Frame $frame): array
    {
        $rows = $placed = [];
        foreach ($frame->points as $point) {
            if (! isset($placed[$point->id])) {
                $row = $point->mate !== null && $frame->has($point->mate) ? [$point->id, $point->mate] : [$point->id];
                $placed += array_fill_keys($row, true);
                $rows[] = $row;
            }
        }

        return $rows;
    }
}
