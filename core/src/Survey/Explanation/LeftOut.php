<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Explanation;

/** A set of readings left out, and what that makes of all readings, in units of their sigmas. */
final readonly class LeftOut
{
    /**
     * @param  list<int>  $set
     * @param  list<float>  $mistakes  read less what the others say, of each of the set
     * @param  list<list<float>>  $inverse  covariance of the mistakes
     * @param  float  $weightedSum  of what is left
     * @param  array<int, float>  $residuals  of all readings; those of the set vanish
     * @param  array<int, float>  $redundancies  of all readings; those of the set vanish
     */
    public function __construct(public array $set, public array $mistakes, public array $inverse, public float $weightedSum, public array $residuals, public array $redundancies) {}

    /** The reading that fits worst, null if all that are checked fit. */
    public function worst(float $critical, float $min): ?int
    {
        $worst = null;
        $max = $critical ** 2;
        foreach ($this->residuals as $i => $e) {
            $r = $this->redundancies[$i];
            if ($e * $e > $max * $r && $r > $min && ! in_array($i, $this->set, true)) {
                $max = $e * $e / $r;
                $worst = $i;
            }
        }

        return $worst;
    }

    /** Whether every reading that is left out contradicts the others, so that none of them could be put back. */
    public function contradicts(float $critical): bool
    {
        foreach ($this->mistakes as $a => $mistake) {
            if ($mistake ** 2 <= $critical ** 2 * $this->inverse[$a][$a]) {
                return false;
            }
        }

        return true;
    }

    /** Standardised mistake of the a-th reading of the set. */
    public function standardised(int $a): float
    {
        return $this->mistakes[$a] / sqrt($this->inverse[$a][$a]);
    }
}
