<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Geometry\RigidMotion;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\SymmetricEigen;
use Geodex\Core\Survey\CannotComputeSurvey;

/**
 * The plane in which a frame is best mirrored onto itself. For mates with middle m and difference d the mismatch squared is
 * |d|² − (n·d)² + 4 (n·m − c)²; least over c at the mean of n·m, and over the normal n at the smallest eigenvector of
 * 4 Σ m̃ m̃ᵀ − Σ d dᵀ (Procrustes with reflection; Golub & Van Loan, section 6.4.1).
 */
final readonly class MirrorPlane
{
    private const MIN_PAIRS = 3;

    /**
     * The motion that lays a frame with its mirror plane on y = 0, right positive, and its length along x.
     *
     * @param  list<array{Vector3, Vector3}>  $pairs  left and right mates (mm), front first
     * @param  ?Vector3  $up  which way is up, where the readings tell
     * @param  ?Vector3  $first  what stands at station 0 (mm); the first pair where not given
     *
     * @throws CannotComputeSurvey with fewer than three pairs
     */
    public function axes(array $pairs, ?Vector3 $up, ?Vector3 $first = null): RigidMotion
    {
        $n = count($pairs);
        if ($n < self::MIN_PAIRS) {
            throw CannotComputeSurvey::noPairs();
        }
        $middles = array_map(fn (array $pair): Vector3 => $pair[0]->plus($pair[1])->times(0.5), $pairs);
        $differences = array_map(fn (array $pair): Vector3 => $pair[1]->minus($pair[0]), $pairs);
        $centre = $this->mean($middles);
        $spread = $this->products(array_map(fn (Vector3 $m): Vector3 => $m->minus($centre), $middles));
        $across = $this->products($differences);
        $form = array_map(fn (array $s, array $d): array => array_map(fn (float $a, float $b): float => 4 * $a - $b, $s, $d), $spread, $across);
        $y = $this->vector(SymmetricEigen::of($form), 0);
        $y = $y->dot($this->mean($differences)) < 0 ? $y->times(-1) : $y;
        // Pairs are named from the front, so the way from the first to the last is rearward; what is up decides better.
        $long = $up === null ? $this->vector(SymmetricEigen::of($spread), 2) : $y->cross($up);
        $x = $long->minus($y->times($long->dot($y)))->unit();
        $x = $up === null && $x->dot($middles[$n - 1]->minus($middles[0])) < 0 ? $x->times(-1) : $x;
        $z = $x->cross($y);
        $along = fn (Vector3 $place): array => [$x->dot($place), $y->dot($place), $z->dot($place)];
        [$station] = $along($first ?? $middles[0]);
        [, $offset, $height] = $along($centre);

        return new RigidMotion([$x->toArray(), $y->toArray(), $z->toArray()], Vector3::of(-$station, -$offset, ($up === null ? 0.0 : $centre->dot($up)) - $height));
    }

    /** @param  list<Vector3>  $vectors */
    private function mean(array $vectors): Vector3
    {
        return array_reduce($vectors, fn (Vector3 $sum, Vector3 $v): Vector3 => $sum->plus($v), Vector3::of(0, 0, 0))->times(1 / count($vectors));
    }

    /**
     * @param  list<Vector3>  $vectors
     * @return list<list<float>> Σ v vᵀ
     */
    private function products(array $vectors): array
    {
        $sum = array_fill(0, 3, array_fill(0, 3, 0.0));
        foreach ($vectors as $vector) {
            $v = $vector->toArray();
            for ($i = 0; $i < 3; $i++) {
                for ($j = 0; $j < 3; $j++) {
                    $sum[$i][$j] += $v[$i] * $v[$j];
                }
            }
        }

        return $sum;
    }

    private function vector(SymmetricEigen $eigen, int $k): Vector3
    {
        [$x, $y, $z] = $eigen->vector($k);

        return Vector3::of($x, $y, $z);
    }
}
