<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Holds;

use Geodex\Core\Calculators\Calculators;

/** What a cut of this plan will draw in, from the plan’s own estimate and from what the shop’s cuts of the same kind really drew in. */
final readonly class ShrinkageBook
{
    /** A computed shrinkage is good to half of itself (Blodgett). */
    private const ESTIMATE_SHARE = 0.5;

    /** From joint to joint, until the shop’s own cases say otherwise: shop default (mm). */
    private const SCATTER = 0.3;

    /**
     * @param  int  $cases  of the shop that it rests on
     * @param  bool  $isScattered  whether they spread by more than the scatter that is presumed
     */
    private function __construct(public float $mean, public float $sigma, public int $cases, public bool $isScattered) {}

    /**
     * @param  float  $estimate  of the plan for the whole cut, mm
     * @param  list<ShrinkageCase>  $cases  of the shop
     * @return ?self null where neither is known
     */
    public static function of(float $estimate, array $cases, string $kind): ?self
    {
        $alike = array_values(array_filter($cases, fn (ShrinkageCase $one): bool => $one->isRecorded && $one->kind === $kind));
        if ($alike === []) {
            return $estimate <= 0.0 ? null : new self($estimate, self::ESTIMATE_SHARE * $estimate, 0, false);
        }
        $prior = $estimate > 0.0 ? ['mean' => $estimate, 'sigma' => self::ESTIMATE_SHARE * $estimate] : ['mean' => $alike[0]->drewIn(), 'sigma' => 10 * self::SCATTER];
        $told = Calculators::run('shrinkage-book', ['prior' => $prior, 'scatter' => self::SCATTER, 'kind' => $kind, 'observations' => array_map(fn (ShrinkageCase $one): array => ['value' => $one->drewIn(), 'kind' => $one->kind], $alike)]);

        return new self(is_float($told['mean']) ? $told['mean'] : $estimate, is_float($told['predictiveSigma']) ? $told['predictiveSigma'] : $prior['sigma'], count($alike), ($told['scatterDoubtful'] ?? false) === true);
    }
}
