<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/** Gives a point its deviation, uncertainty and verdict. */
final readonly class PointJudge implements HasProvenance
{
    public function __construct(private SurveyOptions $options) {}

    public static function provenance(): array
    {
        return [
            new Provenance('verdict', 'Verdict', 'within: |d| + 1.96 σ ≤ allowed; out: |d| − 1.96 σ > allowed; else undecided. Only where every explanation says so, and 1.96 σ ≤ 3 × allowed', 'Decision with uncertainty, ISO 14253-1'),
        ];
    }

    /**
     * @param  ?Vector3  $measured  position in chart axes (mm), null if no used reading touches it
     * @param  list<Alternative>  $others  further ways to understand the readings
     * @param  bool  $beyond  whether there are more than can be told, so that nothing is decided
     */
    public function judge(Point $point, ?Vector3 $measured, Covariance $covariance, array $others = [], bool $beyond = false): PointResult
    {
        $column = $covariance->columns[$point->id] ?? null;
        if ($measured === null || $column === null) {
            return PointResult::unmeasured($point->id);
        }
        if ($point->reference === null) {
            return $this->withoutReference($point, $measured, $column, $covariance);
        }
        $deviation = $measured->minus($point->reference);
        $sigma = $covariance->sigmas($column);
        $determined = $covariance->determined($column);
        $verdicts = $reasons = $hulls = [];
        foreach ($deviation->toArray() as $axis => $mm) {
            [$verdicts[], $reasons[], $hulls[]] = $determined[$axis]
                ? $this->axis(point: $point, axis: $axis, told: [$mm, $this->options->coverage * $sigma->toArray()[$axis]], column: $column + $axis, covariance: $covariance, others: $others)
                : [Verdict::Unsure, Reason::TooFew, [-INF, INF]];
            if ($beyond) {
                [$verdicts[$axis], $reasons[$axis]] = [Verdict::Unsure, Reason::Explanations];
            }
        }

        return new PointResult(
            id: $point->id,
            measured: $measured,
            sigma: $sigma,
            deviation: $deviation,
            determined: $determined,
            axes: $verdicts,
            verdict: Verdict::worst($verdicts),
            reasons: $reasons,
            hull: $hulls,
            expanded: $sigma->times($this->options->coverage),
        );
    }

    /**
     * In or out only where every way to understand the readings says so.
     *
     * @param  array{float, float}  $told  deviation and half its interval, by the explanation that is told first (mm)
     * @param  list<Alternative>  $others
     * @return array{Verdict, ?Reason, array{float, float}}
     */
    private function axis(Point $point, int $axis, array $told, int $column, Covariance $covariance, array $others): array
    {
        $tolerance = $point->tolerance->mm[$axis];
        $verdict = $own = $this->trusted($told[0], $told[1], $tolerance);
        $reason = $own === Verdict::Unsure ? $this->reason($told[1], $tolerance) : null;
        $differs = null;
        $hull = [$told[0] - $told[1], $told[0] + $told[1]];
        foreach ($others as $other) {
            $at = $other->chart[$point->id] ?? null;
            if ($at === null || $point->reference === null) {
                [$verdict, $differs] = [Verdict::Unsure, $differs ?? $other->reason()];

                continue;
            }
            $mm = $at->toArray()[$axis] - $point->reference->toArray()[$axis];
            $expanded = $this->options->coverage * sqrt(max(0.0, $other->variances[$column]) + $covariance->referenceVariance($column));
            $hull = [min($hull[0], $mm - $expanded), max($hull[1], $mm + $expanded)];
            $theirs = $this->trusted($mm, $expanded, $tolerance);
            if ($theirs !== $own) {
                $differs ??= $other->reason();
                $verdict = Verdict::Unsure;
            }
        }

        return [$verdict, $differs ?? $reason, $hull];
    }

    /** @param  float  $tolerance  mm */
    private function trusted(float $deviation, float $expanded, float $tolerance): Verdict
    {
        return $expanded > $this->options->trusted * $tolerance ? Verdict::Unsure : Verdict::of($deviation, $expanded, $tolerance);
    }

    private function reason(float $expanded, float $tolerance): Reason
    {
        return match (true) {
            $expanded > $this->options->trusted * $tolerance => Reason::Weak,
            $expanded > $tolerance => Reason::TooFew,
            default => Reason::Close,
        };
    }

    /** Where it is can be said, whether that is right cannot. */
    private function withoutReference(Point $point, Vector3 $measured, int $column, Covariance $covariance): PointResult
    {
        $sigma = $covariance->sigmas($column);

        return new PointResult($point->id, $measured, $sigma, null, $covariance->determined($column), [], Verdict::Unsure, [Reason::NoChart], expanded: $sigma->times($this->options->coverage));
    }
}
