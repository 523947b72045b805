<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** Where the loose half stands, by least squares, and how well each part of that is known. */
final readonly class PoseFit
{
    /**
     * @param  list<list<float>>  $covariance  of shift x, y, z (mm) and roll, pitch, yaw (radians), from the stated uncertainties
     * @param  list<array{id: string, residual: float, redundancy: float, standardised: ?float}>  $readings
     */
    public function __construct(public HalfPose $pose, public array $covariance, public array $readings, public int $redundancy, public ?float $varianceFactor) {}

    /** Standard uncertainty of one of the six (mm or radians). */
    public function sigma(int $which): float
    {
        return sqrt($this->covariance[$which][$which]);
    }

    /** @param  list<float>  $gradient  of something by the six */
    public function sigmaOf(array $gradient): float
    {
        $sum = 0.0;
        foreach ($gradient as $i => $one) {
            foreach ($gradient as $k => $other) {
                $sum += $one * $this->covariance[$i][$k] * $other;
            }
        }

        return sqrt(max(0.0, $sum));
    }
}
