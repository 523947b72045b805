<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** The area of a weld across: given, or by the leg of a fillet, or by its groove (mm²). */
final readonly class WeldArea
{
    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::number('area', 'area', 'mm²')->positive()->optional(), Field::length('leg', 'or leg')->positive()->optional(),
            Field::group('groove', 'or groove', [Field::length('thickness', 'thickness')->positive(), Field::length('gap', 'gap')->between(0.0, null)->defaults(0.0), Field::number('angle', 'angle', '°')->between(0.0, 149.999)->defaults(0.0)])->optional(),
        ];
    }

    /** @throws InvalidFields unless it is told in exactly one way */
    public static function of(Values $weld, string $path): float
    {
        $told = array_filter(['area', 'leg', 'groove'], $weld->has(...));
        if (count($told) !== 1) {
            throw InvalidFields::at($path, 'exactly one of area, leg and groove.');
        }
        $groove = $weld->group('groove');
        $area = $groove === null ? $weld->optional('area') ?? $weld->number('leg') ** 2 / 2 : $groove->number('gap') * $groove->number('thickness') + $groove->number('thickness') ** 2 * tan(deg2rad($groove->number('angle') / 2));

        return $area > 0.0 ? $area : throw InvalidFields::at("$path.groove", 'has no width: give a gap or an angle.');
    }
}
