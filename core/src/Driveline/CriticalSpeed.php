<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/**
 * First bending critical speed of a steel tube between two supports that let it tilt:
 * n = 60 · (π/8) · √(E/ρ) · √(D² + d²) / L² rev/min (beam vibration, Roark, Formulas for Stress and Strain;
 * simply supported: f = (π/2) √(E I / (ρ A)) / L²).
 */
final readonly class CriticalSpeed implements HasProvenance
{
    /** Steel, Pa and kg/m³. */
    private const E_OVER_RHO = 205e9 / 7850;

    public static function provenance(): array
    {
        return [
            new Provenance(
                name: 'critical',
                title: 'Critical speed',
                formula: 'n = 60 · π/8 · √(E/ρ) · √(D² + d²) / L², steel',
                source: 'Beam vibration: Roark, Formulas for Stress and Strain',
                limit: 'Ends simply held, tube even from joint to joint.',
            ),
        ];
    }

    /**
     * @param  float  $length  between supports (mm)
     * @param  float  $outside  diameter (mm)
     * @param  float  $wall  mm
     * @return float rev/min
     */
    public static function of(float $length, float $outside, float $wall): float
    {
        $inside = $outside - 2 * $wall;
        $metres = $length / 1000;

        return 60 * (M_PI / 8) * sqrt(self::E_OVER_RHO) * hypot($outside / 1000, $inside / 1000) / ($metres * $metres);
    }
}
