<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Drawings;

use Geodex\Core\Fields\Values;
use Geodex\Core\Parts\DrawsPart;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\Note;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;

/** The flat sheet with its bend lines. */
final readonly class PressBrakeDrawing implements DrawsPart
{
    /** Drawn this wide where no length along the bend was given. */
    private const STRIP = 100.0;

    public static function tool(): string
    {
        return 'press-brake';
    }

    public function draw(Values $given, Values $told): array
    {
        $along = $given->optional('length') ?? self::STRIP;
        $strokes = [Stroke::box(Layer::Cut, 0.0, 0.0, $told->number('flat'), $along)];
        $notes = [];
        foreach ($told->list('bends') as $bend) {
            $strokes[] = Stroke::through(Layer::Bend, [[$bend->number('line'), 0.0], [$bend->number('line'), $along]]);
            $notes[] = new Note([$bend->number('line') + 1.5, 4.0], sprintf('bend %.1f', $bend->number('angle')), 4.0);
        }

        return [PartDrawing::of('flat pattern', $strokes, [], $notes)];
    }
}
