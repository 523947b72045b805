<?php

declare(strict_types=1);

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Reference\SymmetrySurveyComputer;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Tests\Support\Readings;

/**
 * The covariance of deviations from the mirror image, from how each of them moves when one reading does.
 *
 * @param  list<Reading>  $readings
 * @return array<int, array<int, float>>
 */
function movedOneByOne(Frame $frame, array $readings, SurveyResult $result): array
{
    $rows = [];
    foreach ($readings as $k => $reading) {
        $ways = array_map(function (float $step) use ($frame, $readings, $k, $reading): SurveyResult {
            $moved = $readings;
            $moved[$k] = new Reading($reading->id, $reading->kind, $reading->value + $step, $reading->sigma);

            return (new SymmetrySurveyComputer)->compute($frame, Readings::survey($moved))->result;
        }, [-0.05, 0.05]);
        foreach ($result->covariance->columns as $id => $column) {
            foreach ([0, 1, 2] as $axis) {
                [$less, $more] = array_map(fn (SurveyResult $one): ?float => $one->point($id)->deviation?->toArray()[$axis], $ways);
                $rows[$column + $axis][$k] = (($more ?? 0.0) - ($less ?? 0.0)) / 0.1 * $reading->sigma;
            }
        }
    }

    return array_map(fn (array $a): array => array_map(fn (array $b): float => array_sum(array_map(fn (float $p, float $q): float => $p * $q, $a, $b)), $rows), $rows);
}

it('gives the covariance that moving each reading shows, mates against each other and a point of the middle too', function () {
    $ladder = Readings::ladder(4, 2);
    $at = [...Readings::truth($ladder), 'M' => Vector3::of(1750, 6, 430)];
    $at['DR'] = $at['DR']->plus(Vector3::of(6, 9, -4));
    $frame = new Frame([...array_map(fn (Point $p): Point => $p->at(null), $ladder->points), new Point('M', 'Middle', Side::Centre, null, null, null, Tolerance::all(), false)]);
    $noise = Readings::noise(9, 0.6);
    $readings = [...Readings::tour(array_diff_key($at, ['M' => 1]), $noise), ...array_map(fn (string $call): Reading => Readings::true($call, $at, $noise()), ['tram M BL', 'tram M BR', 'tram M DL', 'tram M DR', 'height M'])];
    $result = (new SymmetrySurveyComputer)->compute($frame, Readings::survey($readings))->result;
    $moved = movedOneByOne($frame, $readings, $result);
    foreach ($result->points as $point) {
        foreach ($result->points as $other) {
            foreach ([0, 1, 2] as $axis) {
                foreach ([0, 1, 2] as $along) {
                    if (! ($point->determined[$axis] ?? false) || ! ($other->determined[$along] ?? false)) {
                        continue;
                    }
                    [$i, $j] = [$result->covariance->columns[$point->id] + $axis, $result->covariance->columns[$other->id] + $along];
                    expect($result->covariance->matrix[$i][$j])->toEqualWithDelta($moved[$i][$j], 0.01, "$point->id $axis, $other->id $along");
                }
            }
        }
    }
});
