<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\SymmetricEigen;

/**
 * The six small rigid motions of a set of points, orthonormal on the base points (GᵀBG = I), and what they take out:
 * S = I − G GᵀB lays anything on those base points (the S-transformation; Baarda, S-Transformations and Criterion Matrices).
 */
final readonly class RigidMotions
{
    /** @var array<int, array<int, float>> the six motions of each unknown: unknown => [6] */
    private array $motions;

    /** @var list<int> the unknowns of the base points */
    private array $baseColumns;

    /**
     * @param  array<string, Vector3>  $at  positions (mm)
     * @param  list<string>  $base  ids of the base points, all in the network
     *
     * @throws DegenerateGeometry if the base points lie in one line
     */
    public function __construct(Network $network, array $at, array $base)
    {
        $centre = Vector3::of(0, 0, 0);
        foreach ($base as $id) {
            $centre = $centre->plus($at[$id]->times(1 / count($base)));
        }
        $axes = $this->axes(array_map(fn (string $id): Vector3 => $at[$id]->minus($centre), $base));
        $shift = 1 / sqrt(count($base));
        $motions = [];
        foreach ($network->pointIds as $id) {
            $arm = $at[$id]->minus($centre);
            $turns = array_map(fn (Vector3 $axis): array => $axis->cross($arm)->toArray(), $axes);
            for ($k = 0; $k < 3; $k++) {
                $motions[] = [$k === 0 ? $shift : 0.0, $k === 1 ? $shift : 0.0, $k === 2 ? $shift : 0.0, $turns[0][$k], $turns[1][$k], $turns[2][$k]];
            }
        }
        $this->motions = $motions;
        $columns = [];
        foreach ($base as $id) {
            $c = $network->columns[$id];
            array_push($columns, $c, $c + 1, $c + 2);
        }
        $this->baseColumns = $columns;
    }

    /**
     * Σ = S Q Sᵀ.
     *
     * @param  array<int, array<int, float>>  $cofactors  Q, any symmetric generalised inverse of the normals
     * @return array<int, array<int, float>>
     */
    public function covariance(array $cofactors): array
    {
        $g = $this->motions;
        [$toBase, $amongBase] = $this->products($cofactors);
        foreach ($toBase as $i => $m) {
            for ($c = 0; $c < 6; $c++) {
                for ($d = 0; $d < 6; $d++) {
                    $m[$c] -= 0.5 * $g[$i][$d] * $amongBase[$d][$c];
                }
            }
            $toBase[$i] = $m;
        }
        foreach ($cofactors as $i => $row) {
            [$g0, $g1, $g2, $g3, $g4, $g5] = $g[$i];
            [$m0, $m1, $m2, $m3, $m4, $m5] = $toBase[$i];
            for ($j = 0; $j <= $i; $j++) {
                $h = $g[$j];
                $o = $toBase[$j];
                $cofactors[$i][$j] = $cofactors[$j][$i] = $row[$j]
                    - $m0 * $h[0] - $m1 * $h[1] - $m2 * $h[2] - $m3 * $h[3] - $m4 * $h[4] - $m5 * $h[5]
                    - $g0 * $o[0] - $g1 * $o[1] - $g2 * $o[2] - $g3 * $o[3] - $g4 * $o[4] - $g5 * $o[5];
            }
        }

        return $cofactors;
    }

    /**
     * S Q B G: how the six motions of the base points and the registered coordinates go together.
     *
     * @param  array<int, array<int, float>>  $cofactors
     * @return array<int, array<int, float>> unknown => [6]
     */
    public function withMotions(array $cofactors): array
    {
        [$toBase, $amongBase] = $this->products($cofactors);
        foreach ($toBase as $i => $m) {
            for ($c = 0; $c < 6; $c++) {
                for ($d = 0; $d < 6; $d++) {
                    $m[$c] -= $this->motions[$i][$d] * $amongBase[$d][$c];
                }
            }
            $toBase[$i] = $m;
        }

        return $toBase;
    }

    /**
     * Gᵀ a of a design row: how the reading sees the six motions, all zero for one that is blind to where the bench is.
     *
     * @param  array<int, float>  $row
     * @return array<int, float>
     */
    public function seenBy(array $row): array
    {
        $seen = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($row as $i => $p) {
            foreach ($this->motions[$i] as $c => $motion) {
                $seen[$c] += $p * $motion;
            }
        }

        return $seen;
    }

    /**
     * One row of S: what a registered coordinate is made of.
     *
     * @return array<int, float> weight by unknown
     */
    public function deviationRow(int $unknown): array
    {
        $row = [$unknown => 1.0];
        $own = $this->motions[$unknown];
        foreach ($this->baseColumns as $j) {
            $other = $this->motions[$j];
            $share = $own[0] * $other[0] + $own[1] * $other[1] + $own[2] * $other[2] + $own[3] * $other[3] + $own[4] * $other[4] + $own[5] * $other[5];
            $row[$j] = ($row[$j] ?? 0.0) - $share;
        }

        return $row;
    }

    /**
     * Diagonal of S Q Sᵀ.
     *
     * @param  array<int, array<int, float>>  $cofactors
     * @return list<float>
     */
    public function variances(array $cofactors): array
    {
        [$toBase, $amongBase] = $this->products($cofactors);
        $variances = [];
        foreach ($toBase as $i => $m) {
            $g = $this->motions[$i];
            $variance = $cofactors[$i][$i];
            for ($c = 0; $c < 6; $c++) {
                $variance -= 2 * $g[$c] * $m[$c];
                for ($d = 0; $d < 6; $d++) {
                    $variance += $g[$c] * $amongBase[$c][$d] * $g[$d];
                }
            }
            $variances[] = max(0.0, $variance);
        }

        return $variances;
    }

    /**
     * @param  array<int, array<int, float>>  $cofactors
     * @return array{array<int, array<int, float>>, array<int, array<int, float>>} Q B G and Gᵀ B Q B G
     */
    private function products(array $cofactors): array
    {
        $g = $this->motions;
        $toBase = [];
        foreach ($cofactors as $i => $row) {
            $m = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
            foreach ($this->baseColumns as $j) {
                $q = $row[$j];
                [$a, $b, $c, $d, $e, $f] = $g[$j];
                $m[0] += $q * $a;
                $m[1] += $q * $b;
                $m[2] += $q * $c;
                $m[3] += $q * $d;
                $m[4] += $q * $e;
                $m[5] += $q * $f;
            }
            $toBase[$i] = $m;
        }
        $amongBase = array_fill(0, 6, array_fill(0, 6, 0.0));
        foreach ($this->baseColumns as $j) {
            for ($c = 0; $c < 6; $c++) {
                for ($d = 0; $d < 6; $d++) {
                    $amongBase[$c][$d] += $g[$j][$c] * $toBase[$j][$d];
                }
            }
        }

        return [$toBase, $amongBase];
    }

    /**
     * S f: what is left of a direction once the base points are held.
     *
     * @param  array<int, float>  $direction
     * @return array<int, float>
     */
    public function heldOnBase(array $direction): array
    {
        $share = array_fill(0, 6, 0.0);
        foreach ($this->baseColumns as $j) {
            for ($c = 0; $c < 6; $c++) {
                $share[$c] += $this->motions[$j][$c] * $direction[$j];
            }
        }
        foreach ($direction as $i => $value) {
            for ($c = 0; $c < 6; $c++) {
                $value -= $this->motions[$i][$c] * $share[$c];
            }
            $direction[$i] = $value;
        }

        return $direction;
    }

    /**
     * Axes of turning that do not mix on the base points, scaled so that each turn has norm 1 there.
     *
     * @param  list<Vector3>  $arms  base points from their centre
     * @return list<Vector3>
     */
    private function axes(array $arms): array
    {
        $inertia = array_fill(0, 3, array_fill(0, 3, 0.0));
        foreach ($arms as $arm) {
            $p = $arm->toArray();
            for ($i = 0; $i < 3; $i++) {
                for ($j = 0; $j < 3; $j++) {
                    $inertia[$i][$j] += ($i === $j ? $arm->dot($arm) : 0.0) - $p[$i] * $p[$j];
                }
            }
        }
        $eigen = SymmetricEigen::of($inertia);
        if ($eigen->values[0] <= 1e-8 * $eigen->values[2]) {
            throw DegenerateGeometry::pointsInLine(count($arms));
        }

        return array_map(function (int $k) use ($eigen): Vector3 {
            [$x, $y, $z] = $eigen->vector($k);

            return Vector3::of($x, $y, $z)->times(1 / sqrt($eigen->values[$k]));
        }, [0, 1, 2]);
    }
}
