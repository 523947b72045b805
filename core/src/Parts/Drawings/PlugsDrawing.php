<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Drawings;

use Geodex\Core\Fields\Values;
use Geodex\Core\Parts\DrawsPart;
use Geodex\Core\Parts\Hole;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;

/** Plug holes along their seam, and the holes that they keep clear of. */
final readonly class PlugsDrawing implements DrawsPart
{
    public static function tool(): string
    {
        return 'plugs';
    }

    public function draw(Values $given, Values $told): array
    {
        return [PartDrawing::of('plug holes', [Stroke::through(Layer::Seam, $given->places('seam'))], [
            ...array_map(fn (Values $one): Hole => self::hole(Layer::Drill, $one, $told->number('diameter')), $told->list('plugs')),
            ...array_map(fn (Values $one): Hole => self::hole(Layer::Mark, $one, $one->number('diameter')), $given->list('holes')),
        ])];
    }

    private static function hole(Layer $layer, Values $one, float $diameter): Hole
    {
        return new Hole($layer, [$one->numbers('at')[0], $one->numbers('at')[1]], $diameter);
    }
}
