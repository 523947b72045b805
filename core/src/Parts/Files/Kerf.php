<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Files;

use Geodex\Core\Calculators\Plates\Contour;
use Geodex\Core\Parts\Hole;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;

/** A drawing with half the kerf in its geometry: outlines out, what is inside in. For machines that have none of their own, never for both. */
final readonly class Kerf
{
    /** @throws UnreadableDxf where a cut inside is narrower than the kerf */
    public static function in(PartDrawing $drawing, float $kerf): PartDrawing
    {
        $strokes = [];
        foreach ($drawing->strokes as $stroke) {
            if (! $stroke->isClosed || ! in_array($stroke->layer, [Layer::Cut, Layer::Inner], true)) {
                $strokes[] = $stroke;

                continue;
            }
            $loop = Contour::ofLoops([$stroke->edges]);
            $loop = ($loop->area() < 0.0 ? $loop->insideOut() : $loop)->offset($stroke->layer === Layer::Cut ? -$kerf / 2 : $kerf / 2);
            if ($loop->loops === []) {
                throw UnreadableDxf::because(sprintf('The cut inside at %.1f, %.1f is narrower than the kerf of %g.', ...$stroke->edges[0]->from, ...[$kerf]));
            }
            foreach ($loop->loops as $edges) {
                $strokes = $edges === [] ? $strokes : [...$strokes, Stroke::loop($stroke->layer, $edges)];
            }
        }

        return PartDrawing::of($drawing->name, $strokes, array_map(fn (Hole $hole): Hole => $hole->layer === Layer::Inner ? new Hole($hole->layer, $hole->at, max(0.0, $hole->diameter - $kerf)) : $hole, $drawing->holes), $drawing->notes);
    }
}
