<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Drawings;

use Geodex\Core\Fields\Values;
use Geodex\Core\Parts\DrawsPart;
use Geodex\Core\Parts\Hole;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\Note;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;

/** Holes of a mount with their centre crosses. */
final readonly class HolePatternDrawing implements DrawsPart
{
    private const BEYOND = 4.0;

    public static function tool(): string
    {
        return 'hole-pattern';
    }

    public function draw(Values $given, Values $told): array
    {
        $strokes = $holes = $notes = [];
        foreach ($told->list('holes') as $hole) {
            [$x, $y, $r] = [$hole->number('x'), $hole->number('y'), $hole->number('diameter') / 2 + self::BEYOND];
            $holes[] = new Hole(Layer::Drill, [$x, $y], $hole->number('diameter'));
            array_push($strokes, Stroke::through(Layer::Centre, [[$x - $r, $y], [$x + $r, $y]]), Stroke::through(Layer::Centre, [[$x, $y - $r], [$x, $y + $r]]));
            $notes[] = new Note([$x + $r - 2.0, $y + 2.0], $hole->text('id'), 4.0);
        }

        return [PartDrawing::of('holes', $strokes, $holes, $notes)];
    }
}
