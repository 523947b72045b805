<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** A straight piece of bar, tube or plate: what it weighs. */
final readonly class PieceCalculator implements Calculator
{
    public static function name(): string
    {
        return 'piece';
    }

    public static function title(): string
    {
        return 'Piece of bar or tube';
    }

    public static function purpose(): string
    {
        return 'What a straight piece weighs, as long as it is sawn: an insert, a post, a pin, a brace, a link. Its centre lies half way.';
    }

    public static function source(): string
    {
        return 'Area times length times density; steel 7850 kg/m³. Corners of a box and roots of a channel taken as sharp.';
    }

    public static function fields(): array
    {
        return [
            Field::length('length', 'Length to saw')->positive(), Field::choice('shape', 'Shape', ['round', 'rectangular', 'channel', 'angle'])->defaults('round'), Field::length('height', 'Diameter, or height')->positive(), Field::length('width', 'Width', 'Left empty: as high.')->positive()->optional(),
            Field::length('wall', 'Wall', 'Left empty: solid. A channel and an angle need it.')->positive()->optional(), Field::number('density', 'Density', 'kg/m³')->positive()->defaults(7850.0),
        ];
    }

    public static function results(): array
    {
        return [Result::number('mass', 'Mass', 'kg'), Result::length('centre', 'Centre, from either end'), Result::number('area', 'Section', 'mm²'), Result::number('massPerMetre', 'of a metre', 'kg')];
    }

    public function calculate(Values $given): array
    {
        [$length, $density] = [$given->number('length'), $given->number('density')];
        $area = $this->area($given->text('shape'), $given->number('height'), $given->optional('width') ?? $given->number('height'), $given->optional('wall'));

        return ['mass' => $area * $length * $density * 1e-9, 'centre' => $length / 2, 'area' => $area, 'massPerMetre' => $area * $density * 1e-6];
    }

    private function area(string $shape, float $height, float $width, ?float $wall): float
    {
        if ($wall === null) {
            return match ($shape) {
                'round' => M_PI * $height ** 2 / 4, 'rectangular' => $height * $width, default => throw InvalidFields::at('wall', "missing: a $shape has one.")
            };
        }
        if ($wall >= min($height, $width) / ($shape === 'angle' ? 1.0 : 2.0)) {
            throw InvalidFields::at('wall', 'thinner than what it is the wall of.');
        }

        return match ($shape) {
            'round' => M_PI * ($height - $wall) * $wall,
            'rectangular' => $height * $width - ($height - 2 * $wall) * ($width - 2 * $wall),
            'channel' => $height * $wall + 2 * ($width - $wall) * $wall,
            default => ($height + $width - $wall) * $wall,
        };
    }
}
