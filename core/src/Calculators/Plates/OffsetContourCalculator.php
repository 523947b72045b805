<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** A plate set back from the rail it is welded to, with its windows and relief slots. */
final readonly class OffsetContourCalculator implements Calculator
{
    public static function name(): string
    {
        return 'offset-contour';
    }

    public static function title(): string
    {
        return 'Plate with weld land and windows';
    }

    public static function purpose(): string
    {
        return 'A plate set back from a contour so that a weld has a land to lie on, its corners rounded; what metal windows leave and what it bears; slots where it has to bend. Narrow necks fall apart: then there is more than one part.';
    }

    public static function source(): string
    {
        return 'Offset by shifted edges and arcs; shear and bending of what windows leave: Roark; Blodgett, Design of Welded Structures. Land 1.5 times the leg, ligaments 40, bridges 10, slots twice the plate: shop defaults.';
    }

    public static function fields(): array
    {
        return [
            Field::outline('contour', 'Contour, corner by corner', 'A third number makes the edge that follows an arc: the tangent of a quarter of its turn.'), Field::length('offset', 'Set back by')->between(0.0, null), Field::choice('side', 'to its', ['in', 'out'])->defaults('in'), Field::length('cornerRadius', 'Corner radius')->between(0.0, null)->defaults(0.0),
            Field::length('thickness', 'Plate')->positive()->optional(), Field::number('density', 'Density', 'kg/m³')->positive()->defaults(7850.0),
            Field::listing('windows', 'Windows', [Field::lengths('at', 'middle at', 2), Field::length('length', 'length')->positive(), Field::length('height', 'height')->positive(), Field::length('radius', 'radius')->between(0.0, null)->defaults(0.0)], 0, 200)->optional(),
            Field::length('leastLigament', 'Least metal beside a window')->between(0.0, null)->defaults(40.0), Field::number('shear', 'Shear force at every window', 'N')->optional(),
            Field::listing('bendLines', 'Bends where the plate follows the rail', [Field::lengths('from', 'from', 2), Field::lengths('to', 'to', 2)], 0, 40)->optional(), Field::length('bridge', 'Bridge left at each edge')->positive()->defaults(10.0), Field::length('slotWidth', 'Slot', 'Left empty: twice the plate.')->positive()->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::count('parts', 'Parts'), Result::number('netArea', 'Area without windows and slots', 'mm²'), Result::number('mass', 'Mass', 'kg'), Result::lengths('centroid', 'Centre at'), Result::number('area', 'Area', 'mm²'), Result::length('perimeter', 'Perimeter'),
            Result::table('windows', 'Windows', [Result::length('ligament', 'least metal'), Result::truth('ok', 'enough'), Result::length('upper', 'above'), Result::length('lower', 'below'), Result::number('shearStress', 'shear', 'MPa'), Result::number('bendingStress', 'bending', 'MPa')]),
            Result::table('slots', 'Slots', [Result::lengths('from', 'from'), Result::lengths('to', 'to'), Result::length('length', 'length'), Result::length('width', 'width'), Result::number('momentShare', 'left to bend')]),
            Result::table('loops', 'Loops', [Result::number('area', 'area', 'mm²'), Result::length('perimeter', 'perimeter')]),
        ];
    }

    public function calculate(Values $given): array
    {
        $thickness = $given->optional('thickness');
        $plate = $this->plate($given);
        $windows = PlateWindows::in($plate, $given->list('windows'));
        if ($given->optional('shear') !== null && $thickness === null) {
            throw InvalidFields::at('thickness', 'missing: a shear force needs it.');
        }
        $width = $given->optional('slotWidth') ?? ($thickness === null ? null : 2 * $thickness);
        if ($width === null && $given->list('bendLines') !== []) {
            throw InvalidFields::at('slotWidth', 'missing: a slot needs it, or the thickness of the plate.');
        }
        $slots = ReliefSlots::along($given->list('bendLines'), $plate, $windows->cuts(), $given->number('bridge'), $width ?? 0.0);
        $net = $plate->area() - $slots->area();
        [[$mx, $my], [$sx, $sy]] = [$plate->moments(), $slots->moments()];
        foreach ($windows->cuts() as $cut) {
            $net -= $cut->area();
            [$mx, $my] = [$mx - $cut->moments()[0], $my - $cut->moments()[1]];
        }

        return [
            'parts' => count(array_filter($plate->loops, fn (array $loop): bool => Contour::loopArea($loop) > 0.0)), 'area' => $plate->area(), 'perimeter' => $plate->perimeter(), 'loops' => array_map($this->loop(...), $plate->loops),
            'netArea' => $net, 'centroid' => [($mx - $sx) / $net, ($my - $sy) / $net], 'mass' => $thickness === null ? null : $net * $thickness * $given->number('density') * 1e-9,
            'windows' => $windows->judged($plate, $given->number('leastLigament'), $given->optional('shear'), $thickness), 'slots' => $slots->slots,
        ];
    }

    private function plate(Values $given): Contour
    {
        $contour = Contour::ofCorners($given->places('contour'), 'contour');
        [$offset, $radius] = [$given->number('offset'), $given->number('cornerRadius')];
        if ($given->text('side') === 'out') {
            return $radius > 0.0 ? throw InvalidFields::at('cornerRadius', '0 outward: corners come out round by themselves.') : $contour->offset(-$offset);
        }
        $plate = $contour->offset($offset + $radius);

        return $plate->loops === [] ? throw InvalidFields::at('offset', 'leaves nothing of the contour.') : $plate->offset(-$radius);
    }

    /**
     * @param  list<Edge>  $loop
     * @return array{area: float, perimeter: float, vertices: list<array{float, float, float}>}
     */
    private function loop(array $loop): array
    {
        return [
            'area' => Contour::loopArea($loop), 'perimeter' => array_sum(array_map(fn (Edge $edge): float => $edge->length(), $loop)), 'vertices' => array_map(fn (Edge $edge): array => [...$edge->from, $edge->bulge], $loop),
        ];
    }
}
