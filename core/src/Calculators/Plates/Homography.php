<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

use Geodex\Core\Calculators\RunningGear\SmallSystem;

/**
 * A plane face in a picture: x = (h₁u + h₂v + h₃)/(h₇u + h₈v + 1), y alike (Hartley and Zisserman, Multiple View Geometry). Pixels and places are scaled to
 * about one inside, which changes nothing but the arithmetic.
 */
final readonly class Homography
{
    private const ROUNDS = 60;

    private const STILL = 1e-13;

    /**
     * @param  list<float>  $h  of scaled pixels to scaled places
     * @param  list<list<float>>  $cofactors  of h
     * @param  array{float, float, float}  $pixels  middle and size
     * @param  array{float, float, float}  $face  middle and size, mm
     */
    private function __construct(private array $h, private array $cofactors, private array $pixels, private array $face, private float $pixelSigma, private float $tapeSigma) {}

    /**
     * By least squares, each point weighed by how unsure its pixel and its tape are together, until nothing changes.
     *
     * @param  list<array{float, float}>  $pixels
     * @param  list<array{float, float}>  $places  mm
     */
    public static function fitted(array $pixels, array $places, float $pixelSigma, float $tapeSigma): self
    {
        [$p, $f] = [self::scale($pixels), self::scale($places)];
        $from = array_map(fn (array $one): array => [($one[0] - $p[0]) / $p[2], ($one[1] - $p[1]) / $p[2]], $pixels);
        $to = array_map(fn (array $one): array => [($one[0] - $f[0]) / $f[2], ($one[1] - $f[1]) / $f[2]], $places);
        $fit = new self(self::start($from, $to), [], $p, $f, $pixelSigma / $p[2], $tapeSigma / $f[2]);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$normal, $right] = $fit->normal($from, $to);
            $step = SmallSystem::solve($normal, $right);
            $fit = $fit->with(array_map(fn (float $one, float $by): float => $one + $by, $fit->h, $step), []);
            if (max([0.0, ...array_map(abs(...), $step)]) < self::STILL) {
                break;
            }
        }
        [$normal] = $fit->normal($from, $to);

        return $fit->with($fit->h, self::inverse($normal));
    }

    /** @return array{float, float} mm */
    public function at(float $u, float $v): array
    {
        [$x, $y] = $this->mapped(...$this->scaled($u, $v));

        return [$this->face[0] + $this->face[2] * $x, $this->face[1] + $this->face[2] * $y];
    }

    /** On which side of the horizon a pixel lies: points of one face are all on one side. */
    public function side(float $u, float $v): int
    {
        [$u, $v] = $this->scaled($u, $v);

        return $this->h[6] * $u + $this->h[7] * $v + 1.0 <=> 0.0;
    }

    /** Variance of a direction along the face at a pixel: of the fit and of the pixel (mm²). */
    public function variance(float $u, float $v, float $dx, float $dy): float
    {
        $row = $this->alongFit($u, $v, $dx, $dy);

        return $this->cofactor($row, $row) + $this->pixelVariance($u, $v, $dx, $dy);
    }

    /**
     * Variance of the length between two picked pixels, along the unit vector from one to the other (mm²).
     *
     * @param  list<float>  $one
     * @param  list<float>  $other
     */
    public function lengthVariance(array $one, array $other, float $dx, float $dy): float
    {
        $row = array_map(fn (float $b, float $a): float => $b - $a, $this->alongFit($other[0], $other[1], $dx, $dy), $this->alongFit($one[0], $one[1], $dx, $dy));

        return $this->cofactor($row, $row) + $this->pixelVariance($one[0], $one[1], $dx, $dy) + $this->pixelVariance($other[0], $other[1], $dx, $dy);
    }

    /**
     * Weighted square sum of what control points are off.
     *
     * @param  list<array{float, float}>  $pixels
     * @param  list<array{float, float}>  $places
     */
    public function squares(array $pixels, array $places): float
    {
        $sum = 0.0;
        foreach ($pixels as $i => [$u, $v]) {
            [$su, $sv] = $this->scaled($u, $v);
            [$x, $y] = $this->mapped($su, $sv);
            [$dx, $dy] = [($places[$i][0] - $this->face[0]) / $this->face[2] - $x, ($places[$i][1] - $this->face[1]) / $this->face[2] - $y];
            [$a, $b, $c] = $this->weight($su, $sv);
            $sum += $a * $dx ** 2 + 2 * $b * $dx * $dy + $c * $dy ** 2;
        }

        return $sum;
    }

    /** @return array{float, float} */
    private function scaled(float $u, float $v): array
    {
        return [($u - $this->pixels[0]) / $this->pixels[2], ($v - $this->pixels[1]) / $this->pixels[2]];
    }

    /** @return array{float, float} */
    private function mapped(float $u, float $v): array
    {
        $h = $this->h;
        $w = $h[6] * $u + $h[7] * $v + 1.0;

        return [($h[0] * $u + $h[1] * $v + $h[2]) / $w, ($h[3] * $u + $h[4] * $v + $h[5]) / $w];
    }

    /** @return array{array{float, float}, array{float, float}} how the place follows the pixel */
    private function jacobian(float $u, float $v): array
    {
        $h = $this->h;
        $w = $h[6] * $u + $h[7] * $v + 1.0;
        [$x, $y] = $this->mapped($u, $v);

        return [[($h[0] - $x * $h[6]) / $w, ($h[1] - $x * $h[7]) / $w], [($h[3] - $y * $h[6]) / $w, ($h[4] - $y * $h[7]) / $w]];
    }

    /** @return array{list<float>, list<float>} how the place follows each of the eight */
    private function design(float $u, float $v): array
    {
        $w = $this->h[6] * $u + $this->h[7] * $v + 1.0;
        [$x, $y] = $this->mapped($u, $v);

        return [[$u / $w, $v / $w, 1 / $w, 0.0, 0.0, 0.0, -$x * $u / $w, -$x * $v / $w], [0.0, 0.0, 0.0, $u / $w, $v / $w, 1 / $w, -$y * $u / $w, -$y * $v / $w]];
    }

    /** @return array{float, float, float} of (σ_t² I + σ_p² J Jᵀ)⁻¹ the upper half */
    private function weight(float $u, float $v): array
    {
        [[$a, $b], [$c, $d]] = $this->jacobian($u, $v);
        [$t, $p] = [$this->tapeSigma ** 2, $this->pixelSigma ** 2];
        [$xx, $xy, $yy] = [$t + $p * ($a ** 2 + $b ** 2), $p * ($a * $c + $b * $d), $t + $p * ($c ** 2 + $d ** 2)];
        $det = $xx * $yy - $xy ** 2;

        return [$yy / $det, -$xy / $det, $xx / $det];
    }

    /**
     * @param  list<array{float, float}>  $from
     * @param  list<array{float, float}>  $to
     * @return array{list<list<float>>, list<float>} normal equations of the step
     */
    private function normal(array $from, array $to): array
    {
        $normal = array_fill(0, 8, array_fill(0, 8, 0.0));
        $right = array_fill(0, 8, 0.0);
        foreach ($from as $i => [$u, $v]) {
            [$rx, $ry] = $this->design($u, $v);
            [$x, $y] = $this->mapped($u, $v);
            [$dx, $dy] = [$to[$i][0] - $x, $to[$i][1] - $y];
            [$a, $b, $c] = $this->weight($u, $v);
            for ($k = 0; $k < 8; $k++) {
                [$wx, $wy] = [$a * $rx[$k] + $b * $ry[$k], $b * $rx[$k] + $c * $ry[$k]];
                $right[$k] += $wx * $dx + $wy * $dy;
                for ($m = 0; $m < 8; $m++) {
                    $normal[$k][$m] += $wx * $rx[$m] + $wy * $ry[$m];
                }
            }
        }

        return [$normal, $right];
    }

    /** @return list<float> mm for each of the eight */
    private function alongFit(float $u, float $v, float $dx, float $dy): array
    {
        [$rx, $ry] = $this->design(...$this->scaled($u, $v));

        return array_map(fn (float $x, float $y): float => $this->face[2] * ($dx * $x + $dy * $y), $rx, $ry);
    }

    private function pixelVariance(float $u, float $v, float $dx, float $dy): float
    {
        [[$a, $b], [$c, $d]] = $this->jacobian(...$this->scaled($u, $v));
        $size = $this->pixelSigma * $this->face[2];

        return $size ** 2 * (($dx * $a + $dy * $c) ** 2 + ($dx * $b + $dy * $d) ** 2);
    }

    /**
     * @param  list<float>  $one
     * @param  list<float>  $other
     */
    private function cofactor(array $one, array $other): float
    {
        $sum = 0.0;
        foreach ($one as $i => $a) {
            foreach ($other as $j => $b) {
                $sum += $a * $this->cofactors[$i][$j] * $b;
            }
        }

        return $sum;
    }

    /**
     * @param  list<float>  $h
     * @param  list<list<float>>  $cofactors
     */
    private function with(array $h, array $cofactors): self
    {
        return new self($h, $cofactors, $this->pixels, $this->face, $this->pixelSigma, $this->tapeSigma);
    }

    /**
     * The direct linear solution, to begin with.
     *
     * @param  list<array{float, float}>  $from
     * @param  list<array{float, float}>  $to
     * @return list<float>
     */
    private static function start(array $from, array $to): array
    {
        $normal = array_fill(0, 8, array_fill(0, 8, 0.0));
        $right = array_fill(0, 8, 0.0);
        foreach ($from as $i => [$u, $v]) {
            [$x, $y] = $to[$i];
            foreach ([[[$u, $v, 1.0, 0.0, 0.0, 0.0, -$x * $u, -$x * $v], $x], [[0.0, 0.0, 0.0, $u, $v, 1.0, -$y * $u, -$y * $v], $y]] as [$row, $is]) {
                foreach ($row as $k => $one) {
                    $right[$k] += $one * $is;
                    foreach ($row as $m => $other) {
                        $normal[$k][$m] += $one * $other;
                    }
                }
            }
        }

        return SmallSystem::solve($normal, $right);
    }

    /**
     * @param  list<list<float>>  $matrix
     * @return list<list<float>>
     */
    private static function inverse(array $matrix): array
    {
        $columns = array_map(fn (int $i): array => SmallSystem::solve($matrix, array_map(fn (int $k): float => $k === $i ? 1.0 : 0.0, range(0, 7))), range(0, 7));

        return array_map(fn (int $i): array => array_column($columns, $i), range(0, 7));
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return array{float, float, float} middle and size
     */
    private static function scale(array $points): array
    {
        [$x, $y] = [array_sum(array_column($points, 0)) / count($points), array_sum(array_column($points, 1)) / count($points)];

        return [$x, $y, max(1e-12, ...array_map(fn (array $one): float => hypot($one[0] - $x, $one[1] - $y), $points))];
    }
}
