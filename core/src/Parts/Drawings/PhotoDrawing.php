<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Drawings;

use Geodex\Core\Fields\Values;
use Geodex\Core\Parts\DrawsPart;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;

/** A contour taken from a picture; none while its check length does not agree. */
final readonly class PhotoDrawing implements DrawsPart
{
    public static function tool(): string
    {
        return 'photo-contour';
    }

    public function draw(Values $given, Values $told): array
    {
        $places = array_map(fn (Values $one): array => $one->numbers('at'), $told->list('points'));
        $check = $told->group('check');
        if (count($places) < 2 || ($check !== null && ! $check->truth('agrees'))) {
            return [];
        }

        return [PartDrawing::of('contour from the picture', [Stroke::through($given->truth('closed') ? Layer::Cut : Layer::Mark, $places, $given->truth('closed'))])];
    }
}
