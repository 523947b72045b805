<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

use Geodex\Core\LinearAlgebra\EigenSolver;
use Geodex\Core\LinearAlgebra\SparseRow;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Provenance;
use Geodex\Core\Words\Sentence;

/**
 * Lays four corners out from six lengths by least squares (six readings, five of shape), holds the front beam, and says how
 * the rear corners come to the rectangle of mean length. Mikhail & Ackermann, Observations and Least Squares, chapter 7.
 */
final readonly class SquarePlanner implements HasProvenance
{
    private const ITERATIONS = 30;

    private const CONVERGED_MM = 1e-9;

    /** More than this is no bench but a slip of the pen. */
    private const MAX_MISCLOSURE_SHARE = 0.05;

    public static function provenance(): array
    {
        return [
            new Provenance('square', 'Square', 'corners from sides and diagonals by least squares, the front beam held; rack s = (d₁² − d₂²) / (4 l)', 'docs/formulas.md, Bench'),
        ];
    }

    /** @throws UnusableBench if the lengths do not go together */
    public function plan(PanelLengths $panel, float $tolerance): SquarePlan
    {
        [$at, $misclosure] = $this->corners($panel);
        [$fl, $fr, $rl, $rr] = $at;
        $width = hypot($fr[0] - $fl[0], $fr[1] - $fl[1]);
        // Unit vectors rightward along the front beam, and rearward square to it.
        [$rx, $ry] = [($fr[0] - $fl[0]) / $width, ($fr[1] - $fl[1]) / $width];
        [$bx, $by] = [$ry, -$rx];
        $length = (hypot($rl[0] - $fl[0], $rl[1] - $fl[1]) + hypot($rr[0] - $fr[0], $rr[1] - $fr[1])) / 2;
        $moves = [];
        foreach ([[Corner::RearLeft, $rl, $fl], [Corner::RearRight, $rr, $fr]] as [$corner, $is, $from]) {
            [$dx, $dy] = [$from[0] + $length * $bx - $is[0], $from[1] + $length * $by - $is[1]];
            $moves[] = new CornerMove($corner, $dx * $bx + $dy * $by, $dx * $rx + $dy * $ry);
        }

        $squareness = new Squareness(
            ['the diagonals' => $panel->diagonalA - $panel->diagonalB, 'the front and rear sides' => $panel->front - $panel->rear, 'the left and right sides' => $panel->left - $panel->right],
            $panel->sigma, $tolerance,
        );
        $rack = SquareCheck::rack($panel->diagonalA, $panel->diagonalB, ($panel->left + $panel->right) / 2);

        return new SquarePlan(
            rack: $rack,
            unequal: $panel->diagonalA - $panel->diagonalB,
            misclosure: $misclosure,
            square: $squareness->isSquare,
            moves: $moves,
            text: $squareness->trouble() ?? Sentence::of('square.square', 'Square: no two lengths that should be equal differ by more than {worst}.', worst: Measure::computed($squareness->worst())),
            worst: $squareness->worst(),
        );
    }

    /**
     * A first quick round from the two diagonals alone; it presumes that opposite sides are equal, and says so.
     *
     * @param  ?float  $length  of the sides (mm), where it is known
     * @param  float  $sigma  standard uncertainty of a diagonal (mm)
     *
     * @throws UnusableBench if a length is not more than zero, or the diagonals cannot belong to the sides
     */
    public function quick(float $diagonalA, float $diagonalB, ?float $length, float $tolerance, float $sigma = 0.3): SquarePlan
    {
        foreach (['The diagonal from front left' => $diagonalA, 'The diagonal from front right' => $diagonalB] as $what => $mm) {
            if (! is_finite($mm) || $mm <= 0.0) {
                throw UnusableBench::notPositive($what, $mm);
            }
        }
        if (abs($diagonalA - $diagonalB) > self::MAX_MISCLOSURE_SHARE * min($diagonalA, $diagonalB)) {
            throw UnusableBench::lengthsDoNotClose(sprintf('diagonals %g and %g', $diagonalA, $diagonalB));
        }
        $unequal = $diagonalA - $diagonalB;
        $rack = $length === null ? null : SquareCheck::rack($diagonalA, $diagonalB, $length);
        $squareness = new Squareness(['the diagonals' => $unequal], $sigma, $tolerance);
        $text = $squareness->trouble() ?? Sentence::of('square.diagonals', 'The diagonals are equal to {by}.', by: Measure::computed(abs($unequal), $squareness->expanded));
        $pull = null;
        if (! $squareness->isSquare && abs($unequal) > $squareness->expanded) {
            [$side, $other] = $unequal > 0 ? ['right', 'left'] : ['left', 'right'];
            $pull = Sentence::of(
                'square.pull', 'The {side} side sits {by}rearward: pull the {other} front corner and the {side} rear corner towards each other.',
                side: $side, other: $other, by: $rack === null ? '' : Sentence::of('square.by', '{rack} ', rack: Measure::computed(abs($rack))),
            );
        }
        $quick = Sentence::of('square.quick', 'A quick round presumes that opposite sides are equal; measure them too before the bench is called square.');

        return new SquarePlan(rack: $rack, unequal: $unequal, misclosure: 0.0, square: false, moves: [], text: Sentence::together($text, $pull, $quick), worst: abs($unequal));
    }

    /** @return array{list<array{float, float}>, float} corners (x rearward, y right; mm) and the largest residual */
    private function corners(PanelLengths $panel): array
    {
        $sides = [[0, 1, $panel->front], [2, 3, $panel->rear], [0, 2, $panel->left], [1, 3, $panel->right], [0, 3, $panel->diagonalA], [1, 2, $panel->diagonalB]];
        $at = [0.0, 0.0, 0.0, $panel->front, $panel->left, 0.0, $panel->right, $panel->rear];
        $largest = INF;
        $residuals = [];
        for ($i = 0; $i < self::ITERATIONS && $largest > self::CONVERGED_MM; $i++) {
            $rows = $residuals = [];
            foreach ($sides as [$p, $q, $length]) {
                [$dx, $dy] = [$at[2 * $q] - $at[2 * $p], $at[2 * $q + 1] - $at[2 * $p + 1]];
                $d = max(1e-6, hypot($dx, $dy));
                $rows[] = [2 * $p => -$dx / $d, 2 * $p + 1 => -$dy / $d, 2 * $q => $dx / $d, 2 * $q + 1 => $dy / $d];
                $residuals[] = $length - $d;
            }
            $right = array_fill(0, 8, 0.0);
            foreach ($rows as $k => $row) {
                SparseRow::addTo($right, $row, $residuals[$k]);
            }
            $step = (new EigenSolver)->factor($rows, 8)->solve($right);
            $largest = max([0.0, ...array_map(abs(...), $step)]);
            foreach ($step as $k => $mm) {
                $at[$k] += $mm;
            }
        }
        $misclosure = max([0.0, ...array_map(abs(...), $residuals)]);
        if ($largest > 1e-3 || $misclosure > self::MAX_MISCLOSURE_SHARE * $panel->diagonalA) {
            throw UnusableBench::lengthsDoNotClose(sprintf('they contradict each other by %.0f mm', $misclosure));
        }

        return [[[$at[0], $at[1]], [$at[2], $at[3]], [$at[4], $at[5]], [$at[6], $at[7]]], $misclosure];
    }
}
