<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Structure\Cell;
use Geodex\Core\Structure\Outline;
use Geodex\Core\Structure\Preset;
use Geodex\Core\Structure\Presets;
use Geodex\Core\Structure\Section;
use Geodex\Core\Structure\Strip;
use Geodex\Core\Structure\StripRole;

/** A section as it is asked for, and as it is read. */
final readonly class SectionInput
{
    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::group('preset', 'Rail as bought', Presets::fields())->optional(),
            Field::listing('strips', 'Plates and bars', [
                Field::length('y', 'Middle, right'),
                Field::length('z', 'Middle, up'),
                Field::length('width', 'Width')->positive(),
                Field::length('thickness', 'Thickness')->positive(),
                Field::number('angle', 'Width turned from right to up', '°')->between(-180.0, 180.0)->defaults(0.0),
                Field::choice('role', 'In torsion', ['open', 'closing', 'cell'])->defaults('open'),
            ], 0)->optional(),
            Field::listing('holes', 'Holes', [
                Field::length('y', 'Middle, right'),
                Field::length('z', 'Middle, up'),
                Field::length('diameter', 'Diameter')->positive(),
                Field::length('thickness', 'Thickness of the plate')->positive(),
                Field::number('angle', 'Angle of the plate', '°')->between(-180.0, 180.0)->defaults(90.0),
            ], 0)->optional(),
            Field::listing('cell', 'Cell, by the corners of its mid-line', [
                Field::length('y', 'Right'),
                Field::length('z', 'Up'),
                Field::length('thickness', 'Wall to the next corner')->positive(),
            ], 3)->optional(),
        ];
    }

    /**
     * @param  string  $path  with a dot at its end, where it stands in something else
     *
     * @throws InvalidFields if it is no section
     */
    public static function read(Values $given, string $path = ''): Section
    {
        $preset = $given->group('preset');
        $preset = $preset === null ? null : Presets::read($preset, "{$path}preset");
        $strips = array_map(fn (Values $one): Strip => new Strip(
            y: $one->number('y'),
            z: $one->number('z'),
            width: $one->number('width'),
            thickness: $one->number('thickness'),
            angle: $one->number('angle'),
            role: StripRole::from($one->text('role')),
        ), $given->list('strips'));
        $cell = array_map(fn (Values $one): array => [$one->number('y'), $one->number('z'), $one->number('thickness')], $given->list('cell'));

        return new Section(preset: $preset, strips: $strips, holes: self::holes($given, $preset, $strips, $path), given: $cell === [] ? null : Cell::round($cell), path: $path);
    }

    /**
     * @param  list<Strip>  $strips
     * @return list<Outline>
     */
    private static function holes(Values $given, ?Preset $preset, array $strips, string $path): array
    {
        $material = [...($preset?->outlines() ?? []), ...array_map(fn (Strip $strip): array => [$strip->outline(), 1], $strips)];
        $holes = [];
        foreach ($given->list('holes') as $i => $hole) {
            [$y, $z] = [$hole->number('y'), $hole->number('z')];
            $covers = array_sum(array_map(fn (array $one): int => $one[0]->contains($y, $z) ? $one[1] : 0, $material));
            if ($covers <= 0) {
                throw InvalidFields::at("{$path}holes[$i]", 'its middle lies outside the material.');
            }
            $holes[] = Outline::rectangle(y: $y, z: $z, width: $hole->number('diameter'), thickness: $hole->number('thickness'), angle: $hole->number('angle'));
        }

        return $holes;
    }
}
