<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators;

use Geodex\Core\Bench\SquareCheck;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;

/** Whether four points are square, from their diagonals and what else is measured. */
final readonly class SquareCheckCalculator implements Calculator
{
    public static function name(): string
    {
        return 'square-check';
    }

    public static function title(): string
    {
        return 'Square check';
    }

    public static function purpose(): string
    {
        return 'Four points, two on each rail. Square is equal diagonals and equal opposite sides; the difference of the diagonals says which way to pull and how much.';
    }

    public static function fields(): array
    {
        return [
            Field::length('diagonalA', 'Diagonal, left front to right rear')->positive(),
            Field::length('diagonalB', 'Diagonal, right front to left rear')->positive(),
            Field::length('length', 'Left rail, front point to rear point')->positive(),
            Field::length('otherLength', 'Right rail', 'Left empty: presumed as long as the left one.')->positive()->optional(),
            Field::length('width', 'Width at the front', 'Says how far to bring the rear over with the front held.')->positive()->optional(),
            Field::length('otherWidth', 'Width at the rear', 'Left empty: presumed as at the front. A trapezoid has equal diagonals too.')->positive()->optional(),
            Field::length('sigma', 'A length is good to (one sigma)', 'A careful tram: 1 mm.')->positive()->defaults(1.0),
            Field::length('tolerance', 'Allowed', 'What careful shops hold: 3 mm.')->positive()->defaults(3.0),
        ];
    }

    public static function results(): array
    {
        return [
            Result::truth('square', 'Square'),
            Result::sentence('text', 'What it says'),
            Result::length('rack', 'How far the right rail sits rearward'),
            Result::length('expanded', 'Half of its 95 % interval'),
            Result::length('sidesway', 'How far the rear stands to the right, with the front held'),
        ];
    }

    public static function source(): string
    {
        return 'Rack s = (d₁² − d₂²) / (4 l), by Pythagoras twice; ± 1.96 σ from both diagonals.';
    }

    public function calculate(Values $given): array
    {
        $check = SquareCheck::of(
            a: $given->number('diagonalA'),
            b: $given->number('diagonalB'),
            length: $given->number('length'),
            width: $given->optional('width'),
            sigma: $given->number('sigma'),
            tolerance: $given->number('tolerance'),
            otherLength: $given->optional('otherLength'),
            otherWidth: $given->optional('otherWidth'),
        );

        return ['square' => $check->square, 'text' => $check->text, 'rack' => $check->rack, 'expanded' => $check->expanded, 'sidesway' => $check->sidesway];
    }
}
