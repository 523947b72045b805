<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Drawings;

use Geodex\Core\Calculators\Plates\Contour;
use Geodex\Core\Fields\Values;
use Geodex\Core\Parts\DrawsPart;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;

/** A contour from offsets. */
final readonly class StationDrawing implements DrawsPart
{
    public static function tool(): string
    {
        return 'station-contour';
    }

    public function draw(Values $given, Values $told): array
    {
        $loop = Contour::ofCorners($told->places('vertices'), 'stations')->loops[0] ?? [];

        return $loop === [] ? [] : [PartDrawing::of('contour from offsets', [Stroke::loop(Layer::Cut, $loop)])];
    }
}
