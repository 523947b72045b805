<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\RigidMotion;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\SymmetricEigen;

/**
 * The rigid motion that best lays one set of points on another, in least squares with equal weights.
 *
 * Horn, "Closed-form solution of absolute orientation using unit quaternions", J. Opt. Soc. Am. A 4 (1987): the turn is the
 * eigenvector of the largest eigenvalue of a 4 x 4 matrix made from the sums of products of the centred coordinates.
 */
final readonly class RigidMotionFitter
{
    /** Second moment across the best line, relative to the one along it, under which points count as in one line. */
    private const IN_LINE = 1e-8;

    /**
     * @param  list<Vector3>  $from
     * @param  list<Vector3>  $to  the same points in the same order
     *
     * @throws DegenerateGeometry if fewer than three points or all in one line
     */
    public function fit(array $from, array $to): RigidMotion
    {
        $centre = $this->centre($from);
        $target = $this->centre($to);
        $this->refuseLine($to, $target);
        $s = array_fill(0, 9, 0.0);
        foreach ($from as $i => $point) {
            $p = $point->minus($centre)->toArray();
            $q = $to[$i]->minus($target)->toArray();
            for ($k = 0; $k < 9; $k++) {
                $s[$k] += $p[intdiv($k, 3)] * $q[$k % 3];
            }
        }
        [$xx, $xy, $xz, $yx, $yy, $yz, $zx, $zy, $zz] = $s;
        $eigen = SymmetricEigen::of([
            [$xx + $yy + $zz, $yz - $zy, $zx - $xz, $xy - $yx],
            [$yz - $zy, $xx - $yy - $zz, $xy + $yx, $zx + $xz],
            [$zx - $xz, $xy + $yx, -$xx + $yy - $zz, $yz + $zy],
            [$xy - $yx, $zx + $xz, $yz + $zy, -$xx - $yy + $zz],
        ]);
        $rotation = $this->rotation($eigen->vector(3));
        $turned = (new RigidMotion($rotation, Vector3::of(0, 0, 0)))->turn($centre);

        return new RigidMotion($rotation, $target->minus($turned));
    }

    /** @param  list<Vector3>  $points */
    private function centre(array $points): Vector3
    {
        $sum = Vector3::of(0, 0, 0);
        foreach ($points as $point) {
            $sum = $sum->plus($point);
        }

        return $sum->times(1 / max(1, count($points)));
    }

    /** @param  list<Vector3>  $points */
    private function refuseLine(array $points, Vector3 $centre): void
    {
        $moments = array_fill(0, 3, [0.0, 0.0, 0.0]);
        foreach ($points as $point) {
            $p = $point->minus($centre)->toArray();
            for ($i = 0; $i < 3; $i++) {
                for ($j = 0; $j < 3; $j++) {
                    $moments[$i][$j] += $p[$i] * $p[$j];
                }
            }
        }
        $spread = SymmetricEigen::of($moments)->values;
        if (count($points) < 3 || $spread[1] <= self::IN_LINE * $spread[2]) {
            throw DegenerateGeometry::pointsInLine(count($points));
        }
    }

    /**
     * @param  array<int, float>  $quaternion  unit length, scalar part first
     * @return array{array{float, float, float}, array{float, float, float}, array{float, float, float}}
     */
    private function rotation(array $quaternion): array
    {
        [$w, $x, $y, $z] = $quaternion;

        return [
            [$w * $w + $x * $x - $y * $y - $z * $z, 2 * ($x * $y - $w * $z), 2 * ($x * $z + $w * $y)],
            [2 * ($x * $y + $w * $z), $w * $w - $x * $x + $y * $y - $z * $z, 2 * ($y * $z - $w * $x)],
            [2 * ($x * $z - $w * $y), 2 * ($y * $z + $w * $x), $w * $w - $x * $x - $y * $y + $z * $z],
        ];
    }
}
