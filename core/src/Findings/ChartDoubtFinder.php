<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\ReadingResult;
use Geodex\Core\Survey\RigidMotionFitter;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Survey\Verdict;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/**
 * Tells a mistake in the chart from a bent frame: one axis of one point is off by a round figure, an inch, a lost minus or
 * two swapped digits, its mate and its neighbours are not, and readings that check each other put it there.
 */
final readonly class ChartDoubtFinder
{
    private const AXES = ['station', 'offset', 'height'];

    private const FITS_SIGMAS = 3.0;

    /** Fewer readings than this at a point do not check each other. */
    private const MIN_READINGS = 4;

    /** A likelihood ratio below this says nothing. */
    private const WORTH_SAYING = 3.0;

    public function __construct(private SurveyOptions $options = new SurveyOptions) {}

    /** @return list<ChartDoubt> */
    public function find(Frame $frame, SurveyResult $result): array
    {
        $readings = $this->checkedReadings($result);
        $doubts = [];
        foreach ($frame->points as $point) {
            $judged = $result->point($point->id);
            if (($readings[$point->id] ?? 0) < self::MIN_READINGS || ! isset($point->reference, $judged->sigma) || ! $judged->isDetermined()) {
                continue;
            }
            $off = $this->off($point, $point->reference, $frame, $result)?->toArray();
            if ($off === null) {
                continue;
            }
            foreach (array_keys(self::AXES) as $axis) {
                $doubts[] = $this->doubt(point: $point, chart: $point->reference->toArray()[$axis], axis: $axis, off: $off, sigma: $judged->sigma->toArray(), result: $result);
            }
        }

        return array_values(array_filter($doubts));
    }

    /** @return array<string, int> used and checked readings by point */
    private function checkedReadings(SurveyResult $result): array
    {
        $checked = array_column(array_filter($result->readings, fn (ReadingResult $one): bool => $one->checked), null, 'id');
        $count = [];
        foreach ($result->solved->network->readings as $reading) {
            foreach (isset($checked[$reading->id]) ? $reading->kind->points() : [] as $id) {
                $count[$id] = ($count[$id] ?? 0) + 1;
            }
        }

        return $count;
    }

    /** Deviation of a point; of a base point from where the other base points put it, since it has drawn the datum towards itself. */
    private function off(Point $point, Vector3 $reference, Frame $frame, SurveyResult $result): ?Vector3
    {
        $deviation = $result->point($point->id)?->deviation;
        if (! in_array($point->id, $result->base, true)) {
            return $deviation;
        }
        $others = array_intersect_key($frame->chart(), array_flip(array_diff($result->base, [$point->id])));
        try {
            $motion = (new RigidMotionFitter)->fit(
                array_map(fn (string|int $id): Vector3 => $result->solved->bench[$id], array_keys($others)),
                array_values($others),
            );
        } catch (DegenerateGeometry) {
            return null;
        }

        return $motion->apply($result->solved->bench[$point->id])->minus($reference);
    }

    /**
     * @param  array{float, float, float}  $off  mm
     * @param  array{float, float, float}  $sigma  mm
     */
    private function doubt(Point $point, float $chart, int $axis, array $off, array $sigma, SurveyResult $result): ?ChartDoubt
    {
        [$mm, $s] = [$off[$axis], $sigma[$axis]];
        $isOut = fn (int $k): bool => abs($off[$k]) > $point->tolerance->mm[$k] + $this->options->coverage * $sigma[$k];
        if (! $isOut($axis) || array_filter(array_diff([0, 1, 2], [$axis]), $isOut) !== [] || $this->mateIsOff($point, $axis, $result)) {
            return null;
        }
        $copying = new CopyingSlips;
        $slips = $copying->of($chart, $mm);
        foreach ($slips as [$suggested, $slip]) {
            $likelier = $copying->likelier($mm, $suggested - $chart, $s, count($slips));
            if (abs($chart + $mm - $suggested) <= max(CopyingSlips::CHART_ROUNDING_MM, self::FITS_SIGMAS * $s) && $likelier >= self::WORTH_SAYING) {
                return new ChartDoubt(kind: DoubtKind::Figure, point: $point->id, axis: $axis, chart: $chart, measured: $chart + $mm, suggested: $suggested, text: Sentence::of(
                    'chart.figure',
                    'Is the chart of {point} wrong? The readings agree with each other, but put its {axis} {off} from the chart, and its mate {mate} is not off: {slip}. The chart says {chart}; {meant} may have been meant, which is {likelier} times likelier than a point bent by just that much. Hold it against its sheet, a sister vehicle or its mate before anything is pulled.',
                    point: $point->id, axis: self::AXES[$axis], off: Measure::computed(abs($mm)), mate: (string) $point->mate, slip: $slip, chart: Measure::given($chart), meant: Measure::given($suggested), likelier: $likelier > 1000 ? 'over a thousand' : (string) round($likelier),
                ));
            }
        }

        return null;
    }

    private function mateIsOff(Point $point, int $axis, SurveyResult $result): bool
    {
        $mate = $point->mate === null ? null : $result->point($point->mate);

        // Without a mate the neighbours would have to tell; a bent bracket and a slip look alike there, so nothing is said.
        return $mate === null || $mate->deviation === null || ($mate->axes[$axis] ?? null) === Verdict::Out;
    }
}
