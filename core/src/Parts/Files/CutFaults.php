<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Files;

use Geodex\Core\Calculators\Plates\Contour;
use Geodex\Core\Calculators\Plates\Crossings;
use Geodex\Core\Calculators\Plates\Edge;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;

/** What a machine could not cut of a drawing, each with its place. */
final readonly class CutFaults
{
    /** Least hole by plasma, in plate thicknesses: shop default. */
    private const LEAST_HOLE = 1.5;

    /**
     * @param  ?float  $thickness  of the plate; null where it is not known, or not cut by plasma
     * @return list<string>
     */
    public static function of(PartDrawing $drawing, ?float $thickness): array
    {
        $faults = [];
        foreach ($drawing->strokes as $stroke) {
            if (! $stroke->isClosed && in_array($stroke->layer, [Layer::Cut, Layer::Inner], true)) {
                $end = $stroke->edges[count($stroke->edges) - 1]->to;
                $faults[] = sprintf('A cut does not close: it starts at %.1f, %.1f and ends at %.1f, %.1f.', ...$stroke->edges[0]->from, ...$end);
            }
        }
        $cuts = $drawing->cuts();
        foreach ($cuts as $i => $cut) {
            try {
                Contour::ofCorners(array_map(fn (Edge $edge): array => [...$edge->from, $edge->bulge], $cut->edges), 'cut');
            } catch (InvalidFields $crossing) {
                $faults[] = sprintf('The cut that starts at %.1f, %.1f: %s', ...$cut->edges[0]->from, ...[$crossing->getMessage()]);
            }
            foreach (array_slice($cuts, $i + 1) as $other) {
                $met = self::met($cut, $other);
                $faults = $met === null ? $faults : [...$faults, sprintf('Two cuts meet at %.1f, %.1f.', ...$met)];
            }
        }
        foreach ($drawing->holes as $hole) {
            if ($thickness !== null && $hole->layer === Layer::Inner && $hole->diameter < self::LEAST_HOLE * $thickness - 1e-9) {
                $faults[] = sprintf('The hole at %.1f, %.1f of %.1f is too small for plasma in %g: at least %.1f, or drill it.', $hole->at[0], $hole->at[1], $hole->diameter, $thickness, self::LEAST_HOLE * $thickness);
            }
        }

        return $faults;
    }

    /** @return ?array{float, float} */
    private static function met(Stroke $a, Stroke $b): ?array
    {
        foreach ($a->edges as $one) {
            foreach ($b->edges as $other) {
                $met = Crossings::of($one, $other);
                if ($met !== []) {
                    return $met[0];
                }
            }
        }

        return null;
    }
}
