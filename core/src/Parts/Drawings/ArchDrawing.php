<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Drawings;

use Geodex\Core\Fields\Values;
use Geodex\Core\Parts\DrawsPart;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\Note;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;

/** The pieces of an arched crossmember from the side, one over the other. */
final readonly class ArchDrawing implements DrawsPart
{
    private const APART = 15.0;

    public static function tool(): string
    {
        return 'arch';
    }

    public function draw(Values $given, Values $told): array
    {
        $depth = $given->number('depth');
        $strokes = $notes = [];
        $y = 0.0;
        foreach ($told->list('pieces') as $piece) {
            [$upper, $lower] = [$piece->number('upper'), $piece->number('lower')];
            // An end piece is square at one end; the slope has its cuts parallel; the middle leans to both sides.
            $left = match ($piece->text('piece')) {
                'end' => 0.0,
                'slope' => $depth * tan(deg2rad($told->number('cutAngle'))),
                default => ($lower - $upper) / 2,
            };
            $strokes[] = Stroke::through(Layer::Cut, [[0.0, $y], [$lower, $y], [$left + $upper, $y + $depth], [$left, $y + $depth]], isClosed: true);
            $notes[] = new Note([max(0.0, $left) + 6.0, $y + $depth / 2 - 2.0], sprintf('%s, %dx', $piece->text('piece'), (int) $piece->number('count')));
            $y += $depth + self::APART;
        }

        return $strokes === [] ? [] : [PartDrawing::of('pieces from the side', $strokes, [], $notes)];
    }
}
