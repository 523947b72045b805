<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** What a chart may have meant where a number of it was miscopied, and how much likelier that is than a bent point. */
final readonly class CopyingSlips
{
    /** Figures that a chart is off by when it is miscopied (mm). */
    public const FIGURES_MM = [10.0, 20.0, 25.4, 30.0, 50.0, 100.0, 200.0, 300.0, 500.0, 1000.0];

    /** A chart value is read to this (mm); a figure nearer than that is met. */
    public const CHART_ROUNDING_MM = 0.5;

    /** How far a bent point stands off: a wide normal (mm). */
    private const BENT_MM = 8.0;

    /** More is beyond what a ratio can be believed to. */
    private const CERTAIN = 1e6;

    /**
     * A lost minus, two digits swapped, a figure too much or too little, in this order.
     *
     * @param  float  $chart  mm
     * @param  float  $off  measured less chart (mm)
     * @return list<array{float, Sentence}> what the chart may have meant (mm), and the slip that would be
     */
    public function of(float $chart, float $off): array
    {
        $slips = [[-$chart, Sentence::of('slip.sign', 'a minus is lost or one too many')]];
        foreach ($this->swapped($chart) as $value) {
            $slips[] = [$value, Sentence::of('slip.digits', 'two digits swapped')];
        }
        foreach (self::FIGURES_MM as $figure) {
            $slips[] = [$chart + ($off > 0 ? $figure : -$figure), $figure === 25.4 ? Sentence::of('slip.inch', 'one inch') : Sentence::of('slip.round', 'a round {figure}', figure: Measure::given($figure))];
        }

        return $slips;
    }

    /**
     * Likelihood of a slip by this figure against that of a bent point, whose deviations are normal with 8 mm. A slip may take many
     * forms, so that each has only its share.
     *
     * @param  float  $mm  seen
     * @param  float  $figure  mm
     * @param  float  $sigma  mm
     */
    public function likelier(float $mm, float $figure, float $sigma, int $forms): float
    {
        $slip = hypot($sigma, self::CHART_ROUNDING_MM);
        $bent = hypot($sigma, self::BENT_MM);

        return min(self::CERTAIN, exp(-(($mm - $figure) / $slip) ** 2 / 2 + ($mm / $bent) ** 2 / 2) * $bent / $slip / $forms);
    }

    /** @return list<float> the number with each two neighbouring digits swapped that are not the same */
    private function swapped(float $chart): array
    {
        $digits = (string) round(abs($chart), 1);
        $values = [];
        for ($i = 1; $i < strlen($digits); $i++) {
            [$one, $next] = [$digits[$i - 1], $digits[$i]];
            if (ctype_digit($one.$next) && $one !== $next) {
                $values[] = ($chart < 0 ? -1 : 1) * (float) substr_replace($digits, $next.$one, $i - 1, 2);
            }
        }

        return $values;
    }
}
