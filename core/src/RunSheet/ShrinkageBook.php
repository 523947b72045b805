<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

use Geodex\Core\Calculators\Calculators;

/** What a cut of this plan will draw in, from the plan’s own estimate and from what the shop’s cuts really drew in. */
final readonly class ShrinkageBook
{
    /** A computed shrinkage is good to half of itself (Blodgett). */
    private const ESTIMATE_SHARE = 0.5;

    /** From joint to joint, until the shop’s own cases say otherwise: shop default (mm). */
    private const SCATTER = 0.3;

    /** @param  int  $cases  of the shop that it rests on */
    private function __construct(public float $mean, public float $sigma, public int $cases) {}

    /**
     * @param  float  $estimate  of the plan for the whole cut, mm
     * @param  list<float>  $cases  of the shop, whole cuts, mm
     * @return ?self null where neither is known
     */
    public static function of(float $estimate, array $cases): ?self
    {
        if ($estimate <= 0.0 && $cases === []) {
            return null;
        }
        $prior = $estimate > 0.0 ? ['mean' => $estimate, 'sigma' => self::ESTIMATE_SHARE * $estimate] : ['mean' => $cases[0] ?? 0.0, 'sigma' => 10 * self::SCATTER];
        if ($cases === []) {
            return new self($estimate, $prior['sigma'], 0);
        }
        $told = Calculators::run('shrinkage-book', ['prior' => $prior, 'scatter' => self::SCATTER, 'observations' => array_map(fn (float $case): array => ['value' => $case], $cases)]);

        return new self(is_float($told['mean']) ? $told['mean'] : $estimate, is_float($told['predictiveSigma']) ? $told['predictiveSigma'] : $prior['sigma'], count($cases));
    }
}
