<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** A contour from offsets off a base line, as a curve is taken with square and tape. */
final readonly class StationContourCalculator implements Calculator
{
    /** The curve is followed in steps this long before it becomes lines and arcs; mm. */
    private const STEP = 1.0;

    public static function name(): string
    {
        return 'station-contour';
    }

    public static function title(): string
    {
        return 'Contour from offsets';
    }

    public static function purpose(): string
    {
        return 'The outline of a plate from offsets square off a base line, at every change and every 50 to 100 mm: straight between corners, a smooth curve through smooth stations, made into lines and arcs that a machine follows. Other measured points are compared, not used.';
    }

    public static function source(): string
    {
        return 'Natural cubic spline through smooth stations; lines and arcs within 0.3 mm of it: shop default.';
    }

    public static function fields(): array
    {
        $stations = fn (string $name, string $label): Field => Field::listing($name, $label, [Field::length('at', 'along'), Field::length('offset', 'off the line'), Field::choice('kind', 'runs', ['corner', 'smooth'])->defaults('corner')], 2, 200);

        return [
            $stations('stations', 'Upper edge, from left to right'), $stations('lower', 'Lower edge, from left to right')->optional(), Field::listing('points', 'Points measured besides', [Field::lengths('at', 'along and off', 2)], 0, 200)->optional(),
            Field::length('within', 'Lines and arcs within')->positive()->defaults(0.3),
        ];
    }

    public static function results(): array
    {
        return [Result::number('area', 'Area', 'mm²'), Result::length('perimeter', 'Perimeter'), Result::count('edges', 'Lines and arcs'), Result::length('worst', 'Farthest from a point'), Result::table('residuals', 'Points measured besides', [Result::lengths('at', 'at'), Result::length('residual', 'curve above it by')])];
    }

    public function calculate(Values $given): array
    {
        $upper = $this->edge($given->list('stations'), 'stations');
        $ends = [$upper[0][0][0], array_reverse($upper[count($upper) - 1])[0][0]];
        $low = $given->list('lower') === [] ? [[[$ends[0], 0.0], [$ends[1], 0.0]]] : $this->edge($given->list('lower'), 'lower');
        $within = $given->number('within');
        $edges = [...$this->fitted($low, $within), ...array_map(fn (Edge $edge): Edge => $edge->reversed(), array_reverse($this->fitted($upper, $within)))];
        $corners = $this->closed($edges);
        $contour = Contour::ofCorners($corners, 'stations');
        $residuals = array_map(function (Values $point) use ($upper): array {
            [$x, $y] = [$point->numbers('at')[0], $point->numbers('at')[1]];

            return ['at' => [$x, $y], 'residual' => $this->heightAt($upper, $x) - $y];
        }, $given->list('points'));

        return [
            'vertices' => $corners, 'area' => $contour->area(), 'perimeter' => $contour->perimeter(), 'edges' => count($corners), 'residuals' => $residuals,
            'worst' => $residuals === [] ? null : max(array_map(fn (array $one): float => abs($one['residual']), $residuals)),
        ];
    }

    /**
     * Runs between corners, each of places in order.
     *
     * @param  list<Values>  $stations
     * @return non-empty-list<non-empty-list<array{float, float}>>
     */
    private function edge(array $stations, string $path): array
    {
        $runs = [];
        $run = [];
        foreach ($stations as $i => $station) {
            $at = [$station->number('at'), $station->number('offset')];
            if ($run !== [] && $at[0] <= $run[count($run) - 1][0] + 1e-6) {
                throw InvalidFields::at("{$path}[$i].at", 'further along than the station before it.');
            }
            $run[] = $at;
            $isEnd = $i === count($stations) - 1;
            if (count($run) > 1 && ($isEnd || $station->text('kind') === 'corner')) {
                $runs[] = $run;
                $run = [$at];
            }
        }

        return $runs === [] ? throw InvalidFields::at($path, 'two stations or more.') : $runs;
    }

    /**
     * @param  list<non-empty-list<array{float, float}>>  $runs
     * @return list<Edge>
     */
    private function fitted(array $runs, float $within): array
    {
        $edges = [];
        foreach ($runs as $run) {
            $last = $run[count($run) - 1];
            if (count($run) === 2) {
                $edges[] = Edge::between($run[0], $last);

                continue;
            }
            $spline = NaturalSpline::through($run);
            $steps = min(4000, max(20, (int) ceil(($last[0] - $run[0][0]) / self::STEP)));
            $dense = array_map(fn (int $i): array => [$run[0][0] + ($last[0] - $run[0][0]) * $i / $steps, $spline->at($run[0][0] + ($last[0] - $run[0][0]) * $i / $steps)], range(0, $steps));
            array_push($edges, ...ArcFit::of($dense, $within));
        }

        return $edges;
    }

    /** @param  list<non-empty-list<array{float, float}>>  $runs */
    private function heightAt(array $runs, float $x): float
    {
        foreach ($runs as $i => $run) {
            if ($x <= $run[count($run) - 1][0] || $i === count($runs) - 1) {
                return NaturalSpline::through($run)->at($x);
            }
        }

        return 0.0;
    }

    /**
     * Corners of the outline, with an upright edge wherever both do not meet.
     *
     * @param  list<Edge>  $edges
     * @return list<list<float>>
     */
    private function closed(array $edges): array
    {
        $corners = [];
        foreach ($edges as $i => $edge) {
            $next = $edges[($i + 1) % count($edges)];
            $corners[] = $edge->isArc() ? [...$edge->from, $edge->bulge] : $edge->from;
            if (hypot($next->from[0] - $edge->to[0], $next->from[1] - $edge->to[1]) > 1e-6) {
                $corners[] = $edge->to;
            }
        }

        return $corners;
    }
}
