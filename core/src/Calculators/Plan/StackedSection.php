<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Structure\StackedRectangles;

/** How a section of a splice is given: by its kind, heights above the rail's mid-height. */
final readonly class StackedSection
{
    private const NEEDED = [
        'channel' => ['depth', 'width', 'thickness'], 'box' => ['depth', 'width', 'thickness'], 'upright' => ['depth', 'thickness'], 'flat' => ['width', 'thickness', 'z'], 'strips' => ['strips'],
    ];

    private const TAKEN = [
        'channel' => ['depth', 'width', 'thickness', 'flangeThickness', 'z'], 'box' => ['depth', 'width', 'thickness', 'flangeThickness', 'z'], 'upright' => ['depth', 'thickness', 'z'], 'flat' => ['width', 'thickness', 'z'], 'strips' => ['strips'],
    ];

    public static function field(string $label): Field
    {
        return Field::group('section', $label, [
            Field::choice('kind', 'Shape', array_keys(self::NEEDED)),
            Field::length('depth', 'Depth')->positive()->optional(),
            Field::length('width', 'Width')->positive()->optional(),
            Field::length('thickness', 'Thickness')->positive()->optional(),
            Field::length('flangeThickness', 'Flange', 'Left empty: as the web.')->positive()->optional(),
            Field::length('z', 'Above mid-height of the rail')->optional(),
            Field::listing('strips', 'Strips', [Field::length('z', 'Centre'), Field::length('height', 'Height')->positive(), Field::length('width', 'Width')->positive()], 1)->optional(),
        ]);
    }

    /** @throws InvalidFields */
    public static function read(Values $given, string $path): StackedRectangles
    {
        $kind = $given->text('kind');
        foreach (array_unique(array_merge(...array_values(self::TAKEN))) as $key) {
            $has = $key === 'strips' ? $given->list($key) !== [] : $given->has($key);
            if ($has && ! in_array($key, self::TAKEN[$kind], true)) {
                throw InvalidFields::at("$path.$key", "does not belong to $kind; it takes ".implode(', ', self::TAKEN[$kind]).'.');
            }
            if (! $has && in_array($key, self::NEEDED[$kind], true)) {
                throw InvalidFields::at("$path.$key", "missing: $kind needs it.");
            }
        }
        if ($kind === 'strips') {
            return new StackedRectangles(array_map(fn (Values $one): array => [$one->number('z'), $one->number('height'), $one->number('width')], $given->list('strips')) ?: [[0.0, 1.0, 1.0]]);
        }
        $z = $given->optional('z') ?? 0.0;

        return new StackedRectangles(match ($kind) {
            'upright' => [[$z, $given->number('depth'), $given->number('thickness')]],
            'flat' => [[$z, $given->number('thickness'), $given->number('width')]],
            default => self::webs($given, $z, $kind === 'box' ? 2 : 1, $path),
        });
    }

    /** @return non-empty-list<array{float, float, float}> */
    private static function webs(Values $given, float $z, int $webs, string $path): array
    {
        [$depth, $width, $web] = [$given->number('depth'), $given->number('width'), $given->number('thickness')];
        $flange = $given->optional('flangeThickness') ?? $web;
        if (2 * $flange >= $depth || $webs * $web >= $width) {
            throw InvalidFields::at("$path.thickness", 'the walls fill the section: nothing is left inside.');
        }
        $at = ($depth - $flange) / 2;

        return [[$z, $depth - 2 * $flange, $webs * $web], [$z + $at, $flange, $width], [$z - $at, $flange, $width]];
    }
}
