<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Drawings;

use Geodex\Core\Fields\Values;
use Geodex\Core\Parts\DrawsPart;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\Note;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;

/** The straight tube with the marks of its bends, from one end. */
final readonly class TubeBendDrawing implements DrawsPart
{
    public static function tool(): string
    {
        return 'tube-bend';
    }

    public function draw(Values $given, Values $told): array
    {
        $diameter = $given->number('diameter');
        $strokes = [Stroke::box(Layer::Cut, 0.0, 0.0, $told->number('cutLength'), $diameter)];
        $notes = [];
        foreach ($told->list('bends') as $i => $bend) {
            foreach ([$bend->number('start'), $bend->number('end')] as $at) {
                $strokes[] = Stroke::through(Layer::Bend, [[$at, 0.0], [$at, $diameter]]);
            }
            $notes[] = new Note([$bend->number('start') + 2.0, $diameter / 2 - 2.0], sprintf('%d: %.1f, set %.1f, turned %+.1f', $i + 1, $bend->number('angle'), $bend->number('ask'), $bend->number('rotation')), 4.0);
        }

        return [PartDrawing::of('marks of the bends', $strokes, [], $notes)];
    }
}
