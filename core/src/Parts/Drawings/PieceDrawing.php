<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Drawings;

use Geodex\Core\Fields\Values;
use Geodex\Core\Parts\DrawsPart;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;

/** A straight piece from the side. */
final readonly class PieceDrawing implements DrawsPart
{
    public static function tool(): string
    {
        return 'piece';
    }

    public function draw(Values $given, Values $told): array
    {
        return [PartDrawing::of('piece from the side', [Stroke::box(Layer::Cut, 0.0, 0.0, $given->number('length'), $given->number('height'))])];
    }
}
