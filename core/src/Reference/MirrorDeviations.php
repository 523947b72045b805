<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Side;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\SymmetricEigen;
use Geodex\Core\Survey\Covariance;
use Geodex\Core\Survey\SurveyResult;

/**
 * Covariance of the deviations from the mirror image. Half the mismatch of a pair is m = ½ (δL − M δR), M the mirror in y = 0;
 * laying the plane through the holding pairs takes a shift across and two turns out: m' = m − H (HᵀBH)⁺ HᵀB m, the same
 * form as the S-transformation. A left point is off by m', its right mate by −M m'.
 */
final readonly class MirrorDeviations
{
    private const NOTHING = 1e-9;

    public static function mirror(Vector3 $place): Vector3
    {
        return Vector3::of($place->x, -$place->y, $place->z);
    }

    public function of(Frame $frame, SurveyResult $result): Covariance
    {
        $columns = $result->covariance->columns;
        $n = 3 * count($columns);
        $mirror = [1.0, -1.0, 1.0];
        // Rows of deviations as combinations of coordinates, before the plane is laid.
        $rows = $motions = $weight = [];
        foreach (MirrorPairs::of($frame, $columns === [] ? [] : $result->solved->chart)->pairs as [$left, $right]) {
            $holds = $frame->point($left)->base && $frame->point($right)->base;
            foreach ([0, 1, 2] as $axis) {
                [$l, $r] = [$columns[$left] + $axis, $columns[$right] + $axis];
                $rows[$l] = [$l => 0.5, $r => -0.5 * $mirror[$axis]];
                $rows[$r] = [$r => 0.5, $l => -0.5 * $mirror[$axis]];
                $motions[$l] = $this->mismatch($result->solved->chart[$left], $axis);
                $motions[$r] = array_map(fn (float $part): float => -$mirror[$axis] * $part, $motions[$l]);
                $weight[$l] = $weight[$r] = $holds ? 1.0 : 0.0;
            }
        }
        foreach ($frame->points as $point) {
            if ($point->side === Side::Centre && isset($columns[$point->id])) {
                $y = $columns[$point->id] + 1;
                $rows[$y] = [$y => 1.0];
                $motions[$y] = $this->mismatch($result->solved->chart[$point->id], 1);
                $weight[$y] = 0.0;
            }
        }
        $projection = $this->projection($motions, $weight);
        $cross = $projection->of($this->times($rows, $this->held($result), $n));
        $own = $projection->of($this->times($rows, $result->covariance->matrix, $n));
        $matrix = array_fill(0, $n, array_fill(0, $n, 0.0));
        $turned = [];
        foreach ($own as $i => $row) {
            foreach ($rows as $j => $parts) {
                $turned[$j][$i] = array_sum(array_map(fn (float $part, int $c): float => $part * $row[$c], $parts, array_keys($parts)));
            }
        }
        foreach ($projection->of($turned) as $j => $row) {
            foreach ($row as $i => $value) {
                $matrix[$i][$j] = $value;
            }
        }
        $loose = [];
        foreach ($result->covariance->loose as $direction) {
            $off = $projection->of($this->times($rows, array_map(fn (float $part): array => [$part], $direction), 1));
            $loose[] = array_map(fn (array $one): float => $one[0], $off) + array_fill(0, $n, 0.0);
        }
        $blank = array_fill(0, $n, array_fill(0, $n, 0.0));
        // A coordinate that symmetry says nothing of is loose by itself.
        for ($column = 0; $column < $n; $column++) {
            if (! isset($rows[$column])) {
                $loose[] = [$column => 1.0] + array_fill(0, $n, 0.0);
            }
        }

        return new Covariance(
            columns: $columns,
            matrix: $matrix,
            motions: $result->covariance->motions,
            loose: array_values(array_filter($loose, fn (array $d): bool => max([0.0, ...array_map(abs(...), $d)]) > self::NOTHING)),
            reference: [],
            cross: $cross + $blank,
        );
    }

    /**
     * S Q: how coordinates laid on the base points go with those on the bench. A mirror image of a bent frame would otherwise
     * see a little of every free turn.
     *
     * @return array<int, array<int, float>>
     */
    private function held(SurveyResult $result): array
    {
        $held = [];
        foreach ($result->solved->cofactors as $i => $row) {
            foreach ($result->covariance->motions->heldOnBase($row) as $j => $value) {
                $held[$j][$i] = $value;
            }
        }

        return $held;
    }

    /**
     * What a shift across, a turn about the height and a turn about the station do to one axis of half a mismatch.
     *
     * @return array{float, float, float} no unit, mm, mm
     */
    private function mismatch(Vector3 $left, int $axis): array
    {
        return match ($axis) {
            0 => [0.0, -$left->y, 0.0],
            1 => [1.0, $left->x, -$left->z],
            default => [0.0, 0.0, $left->y],
        };
    }

    /**
     * @param  array<int, array<int, float>>  $rows
     * @param  array<int, array<int, float>>  $matrix
     * @return array<int, array<int, float>>
     */
    private function times(array $rows, array $matrix, int $width): array
    {
        $product = [];
        foreach ($rows as $i => $parts) {
            $sum = array_fill(0, $width, 0.0);
            foreach ($parts as $k => $part) {
                foreach ($matrix[$k] as $j => $value) {
                    $sum[$j] += $part * $value;
                }
            }
            $product[$i] = $sum;
        }

        return $product;
    }

    /**
     * @param  array<int, array{float, float, float}>  $motions
     * @param  array<int, float>  $weight
     * @return Projection that takes the three motions out of rows
     */
    private function projection(array $motions, array $weight): Projection
    {
        $normal = array_fill(0, 3, array_fill(0, 3, 0.0));
        foreach ($motions as $i => $h) {
            for ($c = 0; $c < 3; $c++) {
                for ($d = 0; $d < 3; $d++) {
                    $normal[$c][$d] += $weight[$i] * $h[$c] * $h[$d];
                }
            }
        }
        $eigen = SymmetricEigen::of($normal);
        // Orthonormal motions on the holding pairs.
        $basis = [];
        foreach ([0, 1, 2] as $k) {
            if ($eigen->values[$k] > self::NOTHING * $eigen->values[2]) {
                $v = $eigen->vector($k);
                $basis[] = array_map(fn (array $h): float => ($h[0] * $v[0] + $h[1] * $v[1] + $h[2] * $v[2]) / sqrt($eigen->values[$k]), $motions);
            }
        }

        return new Projection($basis, $weight);
    }
}
