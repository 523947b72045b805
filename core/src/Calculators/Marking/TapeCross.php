<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Marking;

/** Two tapes that cross at a mark: how sure the mark is, and what a third tape has to read. */
final readonly class TapeCross
{
    private const COVERAGE = 1.96;

    /**
     * @param  array{float, float}  $one  unit vector from the first hole to the mark
     * @param  array{float, float}  $other
     * @param  float  $variance  of a tape with its hole, mm²
     */
    public function __construct(private array $one, private array $other, private float $variance) {}

    /** Between 0 and 180 (°). */
    public function crossing(): float
    {
        return rad2deg(atan2(abs($this->sine()), $this->one[0] * $this->other[0] + $this->one[1] * $this->other[1]));
    }

    public function sigma(): float
    {
        return sqrt(2 * $this->variance) / abs($this->sine());
    }

    /** @return array{float, float} semi-axes at one sigma, the longer first */
    public function ellipse(): array
    {
        $cosine = abs($this->one[0] * $this->other[0] + $this->one[1] * $this->other[1]);

        return [sqrt($this->variance / (1.0 - $cosine)), sqrt($this->variance / (1.0 + $cosine))];
    }

    /**
     * Between what a third tape has to read.
     *
     * @param  array{float, float}  $third  unit vector from its hole to the mark
     * @return array{float, float}
     */
    public function bounds(array $third, float $expected): array
    {
        [[$a, $b], [$c, $d], [$x, $y]] = [$this->one, $this->other, $third];
        // Covariance of the mark: v (UᵀU)⁻¹.
        [$p, $q, $r] = [$a ** 2 + $c ** 2, $a * $b + $c * $d, $b ** 2 + $d ** 2];
        $spread = self::COVERAGE * sqrt($this->variance * ($r * $x ** 2 - 2 * $q * $x * $y + $p * $y ** 2) / ($p * $r - $q ** 2) + $this->variance);

        return [$expected - $spread, $expected + $spread];
    }

    /**
     * How much of a mistake in either tape a third one sees.
     *
     * @param  array{float, float}  $third
     */
    public function sensitivity(array $third): float
    {
        [[$a, $b], [$c, $d], [$x, $y]] = [$this->one, $this->other, $third];

        return min(abs($y * $a - $x * $b), abs($y * $c - $x * $d)) / abs($this->sine());
    }

    public function sine(): float
    {
        return $this->one[0] * $this->other[1] - $this->one[1] * $this->other[0];
    }
}
