<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Alternative;
use Geodex\Core\Survey\Datum\BaseTester;
use Geodex\Core\Survey\Datum\DatumChoice;
use Geodex\Core\Survey\Explanation\Explained;
use Geodex\Core\Survey\Explanation\Explanation;
use Geodex\Core\Survey\Explanation\LeftOut;
use Geodex\Core\Survey\NetworkSummary;
use Geodex\Core\Survey\RigidMotionFitter;
use Geodex\Core\Survey\SurveyOptions;

/** Lays every way to understand the readings on the chart, each with the uncertainty that its positions have. */
final readonly class AlternativeFinder
{
    public function __construct(private SurveyOptions $options) {}

    /**
     * @param  non-empty-list<DatumChoice>  $choices  under the explanation that is told first; the first of them is told
     * @param  list<array{list<string>, array<string, Vector3>}>  $folds
     * @param  array<string, Vector3>  $base  chart positions of the base points (mm)
     * @return list<Alternative>
     */
    public function find(SolvedNetwork $solved, Explained $explained, array $choices, array $folds, array $base, NetworkSummary $summary): array
    {
        $told = $explained->explanations[0];
        $chart = array_intersect_key($base, array_flip(array_merge($choices[0]->base, ...array_map(fn (DatumChoice $choice): array => $choice->base, $choices))));
        $alternatives = [];
        foreach (array_slice($choices, 1) as $choice) {
            $alternatives[] = $this->laid(number: 0, base: $choice->base, bench: $solved->bench, solved: $solved, explained: $explained, explanation: $told, chart: $base, summary: $summary);
        }
        foreach ($folds as [$points, $at]) {
            $alternatives[] = $this->laid(
                number: 0,
                base: $choices[0]->base,
                bench: $at,
                solved: $solved,
                explained: $explained,
                explanation: $told,
                chart: $base,
                summary: $summary,
                folded: $points,
            );
        }
        foreach ($explained->explanations as $e => $explanation) {
            if ($e > 0) {
                foreach ($this->choices($explanation, $solved, $chart) as $choice) {
                    $alternatives[] = $this->laid(
                        number: $e,
                        base: $choice->base,
                        bench: $explanation->bench,
                        solved: $solved,
                        explained: $explained,
                        explanation: $explanation,
                        chart: $base,
                        summary: $summary,
                    );
                }
            }
        }

        return array_values(array_filter($alternatives));
    }

    /**
     * @param  array<string, Vector3>  $chart
     * @return non-empty-list<DatumChoice>
     */
    private function choices(Explanation $explanation, SolvedNetwork $solved, array $chart): array
    {
        $all = new DatumChoice(array_map(strval(...), array_keys($chart)), []);
        if (! $this->options->testsBase) {
            return [$all];
        }
        try {
            $motion = $this->motion($explanation->bench, $chart, $all->base);
        } catch (DegenerateGeometry) {
            return [$all];
        }

        return (new BaseTester($this->options))->choices($solved->network, array_map($motion->apply(...), $explanation->bench), $solved->cofactors, $chart);
    }

    /**
     * @param  list<string>  $base
     * @param  array<string, Vector3>  $bench
     * @param  array<string, Vector3>  $chart
     * @param  list<string>  $folded
     */
    private function laid(int $number, array $base, array $bench, SolvedNetwork $solved, Explained $explained, Explanation $explanation, array $chart, NetworkSummary $summary, array $folded = []): ?Alternative
    {
        try {
            $motion = $this->motion($bench, $chart, $base);
            $motions = new RigidMotions($solved->network, $solved->chart, $base);
        } catch (DegenerateGeometry) {
            return null;
        }
        $variances = $motions->variances($solved->cofactors);
        if ($number > 0) {
            // Q with the readings that are told first put back, and those of this explanation taken out.
            $variances = $this->changed(variances: $variances, left: $explained->explanations[0]->left, sign: -1.0, motions: $motions, solved: $solved, explained: $explained);
            $variances = $this->changed(variances: $variances, left: $explanation->left, sign: 1.0, motions: $motions, solved: $solved, explained: $explained);
        }
        $redundancy = $summary->redundancy + count($explained->explanations[0]->left->set) - count($explanation->left->set);
        $factor = ChiSquareTest::passes($explanation->weightedSum, $redundancy) ? 1.0 : max(1.0, $explanation->weightedSum / $redundancy);

        return new Alternative(
            explanation: $number,
            base: $base,
            bench: $bench,
            chart: array_map($motion->apply(...), array_intersect_key($bench, $solved->network->columns)),
            variances: array_map(fn (float $variance): float => $factor * max(0.0, $variance), $variances),
            folded: $folded,
        );
    }

    /**
     * @param  array<int, float>  $variances
     * @return array<int, float>
     */
    private function changed(array $variances, LeftOut $left, float $sign, RigidMotions $motions, SolvedNetwork $solved, Explained $explained): array
    {
        $spreads = array_map(fn (int $i): array => $motions->heldOnBase($solved->datum->turned($explained->algebra->spread($i))), $left->set);
        foreach ($spreads as $a => $one) {
            foreach ($spreads as $b => $other) {
                $share = $sign * $left->inverse[$a][$b];
                foreach ($one as $i => $value) {
                    $variances[$i] += $share * $value * $other[$i];
                }
            }
        }

        return $variances;
    }

    /**
     * @param  array<string, Vector3>  $at
     * @param  array<string, Vector3>  $chart
     * @param  list<string>  $base
     */
    private function motion(array $at, array $chart, array $base): \Geodex\Core\Geometry\RigidMotion
    {
        return (new RigidMotionFitter)->fit(array_map(fn (string $id): Vector3 => $at[$id], $base), array_map(fn (string $id): Vector3 => $chart[$id], $base));
    }
}
