<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

/** Wheels that are known with a covariance: what is computed of them carries its own uncertainty, √(J C Jᵀ). */
final readonly class Spread
{
    private const STEP_MM = 1e-3;

    /**
     * @param  list<float>  $at
     * @param  list<list<float>>  $covariance
     */
    public function __construct(private array $at, private array $covariance) {}

    /**
     * @param  \Closure(AxlePoints): float  $of
     * @param  ?float  $limit  that it is held against, off what is wanted; null where it is only told
     * @return array{value: float, sigma: float, state?: string}
     */
    public function told(\Closure $of, ?float $limit, float $wanted = 0.0): array
    {
        $slopes = [];
        foreach ($this->at as $i => $value) {
            $more = array_replace($this->at, [$i => $value + self::STEP_MM]);
            $less = array_replace($this->at, [$i => $value - self::STEP_MM]);
            $slopes[] = ($of(new AxlePoints(array_values($more))) - $of(new AxlePoints(array_values($less)))) / (2 * self::STEP_MM);
        }
        $variance = 0.0;
        foreach ($slopes as $i => $one) {
            foreach ($slopes as $j => $other) {
                $variance += $one * $other * $this->covariance[$i][$j];
            }
        }
        [$value, $sigma] = [$of(new AxlePoints($this->at)), sqrt(max(0.0, $variance))];

        return ['value' => $value, 'sigma' => $sigma, ...($limit === null ? [] : ['state' => Limit::within($value - $wanted, $sigma, $limit)])];
    }
}
