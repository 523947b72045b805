<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;
use Geodex\Core\Structure\SectionProperties;

/** What a rail, boxed, plated or holed, has in bending and in torsion. */
final readonly class SectionCalculator implements Calculator
{
    private const STEEL = 7850.0;

    public static function name(): string
    {
        return 'section';
    }

    public static function title(): string
    {
        return 'Section';
    }

    public static function purpose(): string
    {
        return 'What a rail has in bending and torsion: as bought, worn, plated, boxed, with holes.';
    }

    public static function source(): string
    {
        return 'Polygon integrals and the parallel-axis theorem; open torsion and shear centres: Young and Budynas, Roark\'s Formulas; closed torsion: Bredt. Thin walls, one cell, no warping; overlapping strips count twice.';
    }

    public static function fields(): array
    {
        return [
            ...SectionInput::fields(),
            Field::number('yieldStrength', 'Yield strength', 'MPa')->positive()->optional(),
            Field::number('density', 'Density', 'kg/m³')->positive()->defaults(self::STEEL),
        ];
    }

    public static function results(): array
    {
        return [
            Result::number('area', 'Area', 'mm²'),
            Result::lengths('centroid', 'Centroid'),
            Result::number('Iy', 'I, seen from the side', 'mm⁴'),
            Result::number('Iz', 'I, seen from above', 'mm⁴'),
            Result::number('Iyz', 'Product of inertia', 'mm⁴'),
            Result::numbers('sectionModulus', 'Section modulus', 'mm³'),
            Result::number('firstMoment', 'First moment', 'mm³'),
            Result::number('massPerMetre', 'Mass', 'kg/m'),
            Result::word('torsion', 'Torsion'),
            Result::number('torsionConstant', 'J', 'mm⁴'),
            Result::number('enclosedArea', 'Enclosed area', 'mm²'),
            Result::length('wallThickness', 'Wall that decides in torsion'),
            Result::lengths('shearCentre', 'Shear centre'),
            Result::number('resistingMoment', 'Moment at yield', 'N·m'),
        ];
    }

    public function calculate(Values $given): array
    {
        $section = SectionInput::read($given);
        $is = new SectionProperties($section);
        $cell = $section->cell();
        $yield = $given->optional('yieldStrength');

        return [
            'area' => $is->area,
            'centroid' => ['y' => $is->y, 'z' => $is->z],
            'Iy' => $is->inertiaY,
            'Iz' => $is->inertiaZ,
            'Iyz' => $is->inertiaYZ,
            'bendingAxis' => 'y',
            'sectionModulus' => ['top' => $is->top, 'bottom' => $is->bottom],
            'firstMoment' => $is->firstMoment,
            'massPerMetre' => $is->grossArea * $given->number('density') * 1e-6,
            'torsion' => $cell === null ? 'open' : 'closed',
            'torsionConstant' => $section->torsionConstant(),
            'enclosedArea' => $cell?->area,
            'wallThickness' => $section->wallThickness(),
            'shearCentre' => $section->shearCentre(),
            'resistingMoment' => $yield === null ? null : $yield * min($is->top, $is->bottom) / 1000,
        ];
    }
}
