<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Drawings;

use Geodex\Core\Fields\Values;
use Geodex\Core\Parts\DrawsPart;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\Note;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;

/** The bars of a cut list under each other, each with its cuts and what is left. */
final readonly class CutListDrawing implements DrawsPart
{
    /** Drawn this high, and this far apart: a bar has no height here. */
    private const HIGH = 80.0;

    private const APART = 60.0;

    public static function tool(): string
    {
        return 'cut-list';
    }

    public function draw(Values $given, Values $told): array
    {
        $lengths = $stock = [];
        foreach ($given->list('parts') as $part) {
            $lengths[$part->text('id')] = $part->number('length');
        }
        foreach ($given->list('stock') as $bar) {
            $stock[$bar->text('id')] = $bar->number('length');
        }
        $strokes = $notes = [];
        foreach ($told->list('bars') as $i => $bar) {
            $y = -$i * (self::HIGH + self::APART);
            $strokes[] = Stroke::box(Layer::Cut, 0.0, $y, $stock[$bar->text('stock')] ?? 1.0, $y + self::HIGH);
            $x = $given->number('trim');
            foreach ($bar->names('parts') as $part) {
                $notes[] = new Note([$x + 12.0, $y + 20.0], $part, 40.0);
                $x += $lengths[$part] ?? 0.0;
                $strokes[] = Stroke::through(Layer::Mark, [[$x, $y], [$x, $y + self::HIGH]]);
                $x += $given->number('kerf');
            }
        }

        return $strokes === [] ? [] : [PartDrawing::of('bars', $strokes, [], $notes)];
    }
}
