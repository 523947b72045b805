<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Drawings;

use Geodex\Core\Calculators\Plates\Piece;
use Geodex\Core\Fields\Values;
use Geodex\Core\Parts\DrawsPart;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\Note;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;

/** Every sheet that is used, with the parts that lie on it. */
final readonly class NestDrawing implements DrawsPart
{
    public static function tool(): string
    {
        return 'nest';
    }

    public function draw(Values $given, Values $told): array
    {
        $outlines = $sheets = [];
        foreach ($given->list('parts') as $part) {
            $outlines[$part->text('id')] = Piece::of(array_map(fn (array $one): array => [$one[0], $one[1]], $part->places('outline')));
        }
        foreach ($told->list('placements') as $one) {
            $name = $one->text('sheet').' '.(int) $one->number('sheetNumber');
            $sheets[$name] ??= $this->sheet($given, $one->text('sheet'));
            $at = $one->numbers('at');
            $piece = $outlines[$one->text('part')]->turned($one->number('rotation'))->moved($at[0], $at[1]);
            $sheets[$name][0][] = Stroke::through(Layer::Cut, $piece->corners, isClosed: true);
            $sheets[$name][1][] = new Note([$piece->box[0] + 4.0, ($piece->box[1] + $piece->box[3]) / 2], $one->text('part'), 8.0);
        }
        $drawings = [];
        foreach ($sheets as $name => [$strokes, $notes]) {
            $drawings[] = PartDrawing::of("sheet $name", $strokes, [], $notes);
        }

        return $drawings;
    }

    /** @return array{list<Stroke>, list<Note>} */
    private function sheet(Values $given, string $id): array
    {
        foreach ($given->list('sheets') as $sheet) {
            if ($sheet->text('id') === $id) {
                return [[Stroke::box(Layer::Mark, 0.0, 0.0, $sheet->number('width'), $sheet->number('height'))], []];
            }
        }

        return [[], []];
    }
}
