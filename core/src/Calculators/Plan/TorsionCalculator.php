<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** What a load beside a rail twists it by: the shear centre moves when the rail is boxed. */
final readonly class TorsionCalculator implements Calculator
{
    private const GRAVITY = 9.80665;

    private const STEEL_SHEAR_MODULUS = 210_000 / 2.6;

    /** Past this the figure only says “far too soft”. */
    private const SMALL_DEGREES = 10.0;

    public static function name(): string
    {
        return 'torsion';
    }

    public static function title(): string
    {
        return 'Load beside a rail';
    }

    public static function purpose(): string
    {
        return 'What a load beside a rail twists it by, open or boxed. An upper bound: crossmembers and held ends stiffen an open rail; bending stress comes on top.';
    }

    public static function source(): string
    {
        return 'Saint-Venant torsion: Young and Budynas, Roark\'s Formulas; closed: Bredt. Static; dynamic factor: shop default.';
    }

    public static function fields(): array
    {
        return [
            Field::number('load', 'Load, downwards', 'N', 'Or its mass.')->positive()->optional(),
            Field::number('mass', 'Mass', 'kg')->positive()->optional(),
            Field::length('loadY', 'Where it acts', 'Right of the back of the web, or in the section\'s own coordinates.'),
            Field::group('rail', 'Rail', SectionInput::fields())->optional(),
            Field::group('section', 'Section, as numbers', [
                Field::choice('torsion', 'Torsion', ['open', 'closed']),
                Field::number('torsionConstant', 'J', 'mm⁴')->positive(),
                Field::length('wallThickness', 'Wall')->positive(),
                Field::number('enclosedArea', 'Enclosed area', 'mm²')->positive()->optional(),
                Field::length('shearCentreY', 'Shear centre, right'),
            ])->optional(),
            Field::length('freeLength', 'Length between places that hold it against twist')->positive(),
            Field::choice('held', 'Held', ['one-end', 'both-ends'])->defaults('one-end'),
            Field::length('at', 'Load from one held end', 'Both ends held; left empty: half-way.')->positive()->optional(),
            Field::number('dynamicFactor', 'Dynamic factor', '', 'Multiplies the stress only.')->between(1.0, 10.0)->defaults(1.0)->proposing('dynamicFactor'),
            Field::number('shearModulus', 'Shear modulus', 'MPa')->positive()->defaults(self::STEEL_SHEAR_MODULUS),
        ];
    }

    public static function results(): array
    {
        return [
            Result::number('force', 'Force', 'N'),
            Result::length('shearCentreY', 'Shear centre'),
            Result::length('lever', 'Lever'),
            Result::number('torque', 'Torque', 'N·m'),
            Result::number('greatestTorque', 'Greatest torque in the rail', 'N·m'),
            Result::word('torsion', 'Torsion'),
            Result::number('twist', 'Twist at the load', '°'),
            Result::truth('smallAngle', 'Small enough to be believed'),
            Result::number('shearStress', 'Shear stress', 'MPa'),
        ];
    }

    public function calculate(Values $given): array
    {
        if ($given->has('load') === $given->has('mass')) {
            throw InvalidFields::at('load', 'give the load or its mass; not both, and not neither.');
        }
        $force = $given->optional('load') ?? $given->number('mass') * self::GRAVITY;
        [$shape, $constant, $wall, $area, $centre] = $this->rail($given);
        $length = $given->number('freeLength');
        $lever = $given->number('loadY') - $centre;
        $torque = $force * $lever;
        [$greatest, $arm] = $this->held($given, $length, $torque);
        $twist = rad2deg($torque * $arm / ($given->number('shearModulus') * $constant));
        $stress = $shape === 'closed' ? $greatest / (2 * $area * $wall) : $greatest * $wall / $constant;

        return [
            'force' => $force,
            'shearCentreY' => $centre,
            'lever' => $lever,
            'torque' => $torque / 1000,
            'greatestTorque' => $greatest / 1000,
            'torsion' => $shape,
            'torsionConstant' => $constant,
            'twist' => $twist,
            'smallAngle' => abs($twist) <= self::SMALL_DEGREES,
            'shearStress' => $given->number('dynamicFactor') * $stress,
            'bound' => 'upper',
        ];
    }

    /** @return array{float, float} greatest torque inside (N·mm), and the length that twist counts over (mm) */
    private function held(Values $given, float $length, float $torque): array
    {
        if ($given->text('held') === 'one-end') {
            return $given->has('at') ? throw InvalidFields::at('at', 'with one end held the load is at the other; give this with both ends held.') : [abs($torque), $length];
        }
        $at = $given->optional('at') ?? $length / 2;
        if ($at >= $length) {
            throw InvalidFields::at('at', 'the load stands between the held ends.');
        }

        return [abs($torque) * max($at, $length - $at) / $length, $at * ($length - $at) / $length];
    }

    /** @return array{string, float, float, float, float} open or closed, J, wall, enclosed area, shear centre */
    private function rail(Values $given): array
    {
        [$rail, $section] = [$given->group('rail'), $given->group('section')];
        if (($rail === null) === ($section === null)) {
            throw InvalidFields::at('rail', 'give the rail, or the numbers of its section; not both, and not neither.');
        }
        if ($rail !== null) {
            $read = SectionInput::read($rail, 'rail.');
            $centre = $read->shearCentre();

            return $centre === null
                ? throw InvalidFields::at('rail', 'the shear centre of this section is not known here: give the numbers of the section.')
                : [$read->cell() === null ? 'open' : 'closed', $read->torsionConstant(), $read->wallThickness(), $read->cell()->area ?? 0.0, $centre['y']];
        }
        $shape = $section?->text('torsion') ?? 'open';
        if (($shape === 'closed') !== ($section?->has('enclosedArea') ?? false)) {
            throw InvalidFields::at('section.enclosedArea', $shape === 'closed' ? 'missing: a closed section encloses an area.' : 'an open section encloses nothing.');
        }

        return [$shape, $section?->number('torsionConstant') ?? 0.0, $section?->number('wallThickness') ?? 0.0, $section?->optional('enclosedArea') ?? 0.0, $section?->number('shearCentreY') ?? 0.0];
    }
}
