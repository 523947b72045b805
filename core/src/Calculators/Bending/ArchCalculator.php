<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Bending;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** A crossmember that arches over something, or drops under it: the pieces and where they meet. */
final readonly class ArchCalculator implements Calculator
{
    public static function name(): string
    {
        return 'arch';
    }

    public static function title(): string
    {
        return 'Arched or dropped crossmember';
    }

    public static function purpose(): string
    {
        return 'How a bar is cut to make a crossmember that arches over a gearbox, or drops under it: by four mitres, or by two cuts along which the middle is slid. What it may carry is another question.';
    }

    public static function source(): string
    {
        return 'Plane geometry; the nodes close on the width.';
    }

    public static function fields(): array
    {
        return [
            Field::choice('kind', 'Made by', ['mitred', 'slid']),
            Field::choice('direction', 'Which way', ['up', 'down'])->defaults('up'),
            Field::length('width', 'Width')->positive(),
            Field::length('rise', 'Rise or drop')->positive(),
            Field::length('centre', 'Middle piece, on its centre line')->positive(),
            Field::length('depth', 'Depth of the bar')->positive(),
            Field::number('angle', 'Slope, or slid: cut from the axis', '°')->between(10.0, 80.0),
            Field::length('kerf', 'Saw cut')->between(0.0, null)->defaults(0.0),
            Field::choice('longEdge', 'Slid: long edge of the middle', ['lower', 'upper'])->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::number('cutAngle', 'Cut, from square', '°'),
            Result::table('pieces', 'Pieces', [Result::word('piece', 'piece'), Result::count('count', 'pieces'), Result::length('centre', 'centre line'), Result::length('upper', 'upper edge'), Result::length('lower', 'lower edge')]),
            Result::length('stock', 'Bar needed'),
            Result::length('run', 'Run of a slope'),
            Result::length('neck', 'Left along each cut'),
            Result::length('capLength', 'Caps, long'),
            Result::lengths('gusset', 'Gussets, legs'),
        ];
    }

    public function calculate(Values $given): array
    {
        [$width, $rise, $centre] = [$given->number('width'), $given->number('rise'), $given->number('centre')];
        [$angle, $isSlid, $isDown] = [deg2rad($given->number('angle')), $given->text('kind') === 'slid', $given->text('direction') === 'down'];
        $run = $rise / tan($angle);
        if (! $isSlid && $given->has('longEdge')) {
            throw InvalidFields::at('longEdge', 'a mitred arch has no long edge to choose.');
        }
        [$pieces, $end] = $isSlid ? $this->slid($given, $angle, $run) : $this->mitred($given, $angle, $run);
        foreach ($pieces as $piece) {
            if (min($piece['centre'], $piece['upper'], $piece['lower']) <= 0.0) {
                throw InvalidFields::at('width', sprintf('nothing is left of an edge of the %s piece.', $piece['piece']));
            }
        }
        $cut = $isSlid ? M_PI_2 - $angle : $angle / 2;
        $side = ($width - $centre) / 2;
        $high = $isDown ? -$rise : $rise;

        return [
            'cutAngle' => rad2deg($cut), 'run' => $run,
            'pieces' => $isDown ? array_map(fn (array $piece): array => [...$piece, 'upper' => $piece['lower'], 'lower' => $piece['upper']], $pieces) : $pieces,
            'stock' => array_sum(array_map(fn (array $piece): float => $piece['count'] * $piece['centre'], $pieces)) + ($isSlid ? 2 : 4) * $given->number('kerf') / cos($cut),
            'nodes' => [[0.0, 0.0], [$end, 0.0], [$side, $high], [$side + $centre, $high], [$width - $end, 0.0], [$width, 0.0]],
            'neck' => $isSlid ? ($given->number('depth') - $rise) / sin($angle) : null, 'capLength' => $isSlid ? $rise / sin($angle) : null, 'gusset' => $isSlid ? [$rise, $run] : null,
        ];
    }

    /** @return array{list<array{piece: string, count: int, centre: float, upper: float, lower: float}>, float} pieces of an arch, and the centre line of an end */
    private function mitred(Values $given, float $angle, float $run): array
    {
        $end = ($given->number('width') - $given->number('centre')) / 2 - $run;
        $slope = $given->number('rise') / sin($angle);
        $step = $given->number('depth') * tan($angle / 2);

        return [[$this->piece('end', 2, $end, -$step / 2), $this->piece('slope', 2, $slope, 0.0), $this->piece('middle', 1, $given->number('centre'), $step)], $end];
    }

    /** @return array{list<array{piece: string, count: int, centre: float, upper: float, lower: float}>, float} */
    private function slid(Values $given, float $angle, float $run): array
    {
        if ($given->number('rise') >= $given->number('depth')) {
            throw InvalidFields::at('rise', 'nothing is left along the cuts; less than the depth.');
        }
        $apart = $given->has('longEdge') && $given->text('longEdge') === 'upper' ? -1.0 : 1.0;
        $end = ($given->number('width') - $given->number('centre')) / 2 - $apart * $run;
        $step = $apart * $given->number('depth') / tan($angle);

        return [[$this->piece('end', 2, $end, $step / 2), $this->piece('middle', 1, $given->number('centre'), -$step)], $end];
    }

    /**
     * @param  float  $more  that its upper edge is longer than its centre line, and its lower edge shorter
     * @return array{piece: string, count: int, centre: float, upper: float, lower: float}
     */
    private function piece(string $name, int $count, float $centre, float $more): array
    {
        return ['piece' => $name, 'count' => $count, 'centre' => $centre, 'upper' => $centre + $more, 'lower' => $centre - $more];
    }
}
