<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;
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

    /** Figures that a chart is off by when it is miscopied (mm). */
    private const FIGURES_MM = [10.0, 20.0, 25.4, 30.0, 50.0, 100.0, 200.0, 300.0, 500.0, 1000.0];

    private const FITS_SIGMAS = 3.0;

    /** Share of its tolerance up to which a base point lies well. */
    private const LIES_WELL = 0.4;

    /** Fewer readings than this at a point do not check each other. */
    private const MIN_READINGS = 4;

    /** A chart value is read to this (mm); a figure nearer than that is met. */
    private const CHART_ROUNDING_MM = 0.5;

    /** How far a bent point stands off: a wide normal (mm). */
    private const BENT_MM = 8.0;

    /** A likelihood ratio below this says nothing. */
    private const WORTH_SAYING = 3.0;

    public function __construct(private SurveyOptions $options = new SurveyOptions) {}

    /** @return list<ChartDoubt> */
    public function find(Frame $frame, SurveyResult $result): array
    {
        $readings = $this->checkedReadings($result);
        $doubts = [];
        foreach ($frame->points as $point) {
            if (($readings[$point->id] ?? 0) < self::MIN_READINGS || $point->reference === null) {
                continue;
            }
            $off = $this->off($point, $frame, $result);
            $judged = $result->point($point->id);
            $sigma = $judged?->sigma;
            if ($off === null || $sigma === null || ! $judged->isDetermined()) {
                continue;
            }
            foreach ($off->toArray() as $axis => $mm) {
                $doubt = $this->doubt(point: $point, axis: $axis, off: $off, sigma: $sigma, frame: $frame, result: $result);
                if ($doubt !== null && abs($mm) - $this->options->coverage * $sigma->toArray()[$axis] > $point->tolerance->mm[$axis]) {
                    $doubts[] = $doubt;
                }
            }
        }

        return $doubts;
    }

    /** @return array<string, int> used and checked readings by point */
    private function checkedReadings(SurveyResult $result): array
    {
        $checked = [];
        foreach ($result->readings as $judged) {
            $checked[$judged->id] = $judged->checked;
        }
        $count = [];
        foreach ($result->solved->network->readings as $reading) {
            foreach ($checked[$reading->id] ?? false ? $reading->kind->points() : [] as $id) {
                $count[$id] = ($count[$id] ?? 0) + 1;
            }
        }

        return $count;
    }

    /** Deviation of a point; of a base point from where the other base points put it, since it has drawn the datum towards itself. */
    private function off(Point $point, Frame $frame, SurveyResult $result): ?Vector3
    {
        $deviation = $result->point($point->id)?->deviation;
        $others = array_values(array_filter($result->base, fn (string $id): bool => $id !== $point->id));
        if ($deviation === null || $point->reference === null || count($others) === count($result->base)) {
            return $deviation;
        }
        // A base point that lies well is not looked at more closely: without it the datum would hardly be another.
        if ($deviation->norm() < self::LIES_WELL * min($point->tolerance->mm)) {
            return $deviation;
        }
        try {
            $motion = (new RigidMotionFitter)->fit(
                array_map(fn (string $id): Vector3 => $result->solved->bench[$id], $others),
                array_map(fn (string $id): Vector3 => $frame->point($id)->reference ?? Vector3::of(0, 0, 0), $others),
            );
        } catch (DegenerateGeometry) {
            return null;
        }

        return $motion->apply($result->solved->bench[$point->id])->minus($point->reference);
    }

    private function doubt(Point $point, int $axis, Vector3 $off, Vector3 $sigma, Frame $frame, SurveyResult $result): ?ChartDoubt
    {
        $mm = $off->toArray()[$axis];
        $chart = $point->reference?->toArray()[$axis] ?? 0.0;
        $others = array_filter([0, 1, 2], fn (int $k): bool => $k !== $axis && abs($off->toArray()[$k]) > $point->tolerance->mm[$k] + $this->options->coverage * $sigma->toArray()[$k]);
        if ($others !== [] || $this->mateIsOff($point, $axis, $frame, $result)) {
            return null;
        }
        $slips = $this->slips($chart, $mm);
        $s = $sigma->toArray()[$axis];
        foreach ($slips as [$suggested, $slip]) {
            $likelier = $this->likelier($mm, $suggested - $chart, $s, count($slips));
            if (abs($chart + $mm - $suggested) <= max(self::CHART_ROUNDING_MM, self::FITS_SIGMAS * $s) && $likelier >= self::WORTH_SAYING) {
                return new ChartDoubt(kind: DoubtKind::Figure, point: $point->id, axis: $axis, chart: $chart, measured: $chart + $mm, suggested: $suggested, text: Sentence::of(
                    'chart.figure',
                    'Is the chart of {point} wrong? The readings agree with each other, but put its {axis} {off} from the chart{mate}: {slip}. The chart says {chart}; {meant} may have been meant, which is {likelier} times likelier than a point bent by just that much. Hold it against its sheet, a sister vehicle or its mate before anything is pulled.',
                    point: $point->id, axis: self::AXES[$axis], off: Measure::computed(abs($mm)), mate: $point->mate === null ? '' : ", and its mate $point->mate is not off", slip: $slip, chart: Measure::given($chart), meant: Measure::given($suggested), likelier: $likelier > 1000 ? 'over a thousand' : (string) round($likelier),
                ));
            }
        }

        return null;
    }

    /**
     * Likelihood of a slip by this figure against that of a bent point, whose deviations are normal with 8 mm. A slip may take many
     * forms, so that each has only its share.
     *
     * @param  float  $mm  seen
     * @param  float  $figure  mm
     * @param  float  $sigma  mm
     */
    private function likelier(float $mm, float $figure, float $sigma, int $forms): float
    {
        $slip = hypot($sigma, self::CHART_ROUNDING_MM);
        $bent = hypot($sigma, self::BENT_MM);

        return min(1e6, exp(min(50.0, -(($mm - $figure) / $slip) ** 2 / 2 + ($mm / $bent) ** 2 / 2)) * $bent / $slip / $forms);
    }

    private function mateIsOff(Point $point, int $axis, Frame $frame, SurveyResult $result): bool
    {
        $mate = $point->mate === null ? null : $result->point($point->mate);

        // Without a mate the neighbours would have to tell; a bent bracket and a slip look alike there, so nothing is said.
        return $mate === null || $mate->deviation === null || ($mate->axes[$axis] ?? null) === Verdict::Out;
    }

    /** @return list<array{float, Sentence}> what the chart may have meant, and the slip that would be */
    private function slips(float $chart, float $mm): array
    {
        $slips = [[-$chart, Sentence::of('slip.sign', 'a minus is lost or one too many')]];
        foreach ($this->swapped($chart) as $value) {
            $slips[] = [$value, Sentence::of('slip.digits', 'two digits swapped')];
        }
        foreach (self::FIGURES_MM as $figure) {
            $slips[] = [$chart + ($mm > 0 ? $figure : -$figure), $figure === 25.4 ? Sentence::of('slip.inch', 'one inch') : Sentence::of('slip.round', 'a round {figure}', figure: Measure::given($figure))];
        }

        return $slips;
    }

    /** @return list<float> */
    private function swapped(float $chart): array
    {
        $digits = (string) round(abs($chart), 1);
        $values = [];
        for ($i = 0, $n = strlen($digits) - 1; $i < $n; $i++) {
            if (ctype_digit($digits[$i].$digits[$i + 1]) && $digits[$i] !== $digits[$i + 1]) {
                $values[] = ($chart < 0 ? -1 : 1) * (float) substr_replace($digits, $digits[$i + 1].$digits[$i], $i, 2);
            }
        }

        return $values;
    }
}
