<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Files;

use Geodex\Core\Calculators\Plates\Edge;
use Geodex\Core\Parts\Hole;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\Note;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;

/** A drawing as SVG in millimetres, as large as life, one group for each layer. */
final readonly class SvgWriter
{
    /** Free about the lines, so that they show whole; mm. */
    private const MARGIN = 2.0;

    private const COLOURS = ['CUT' => '#16305c', 'CUT_INNER' => '#16305c', 'MARK' => '#2f6f62', 'BEND' => '#a4510f', 'DRILL' => '#7a2e5d', 'SEAM' => '#8a6d00', 'CENTRE' => '#555555', 'TEXT' => '#222222'];

    private const DASHES = ['BEND' => '6 3', 'SEAM' => '2 2', 'CENTRE' => '10 2 2 2'];

    public static function write(PartDrawing $drawing): string
    {
        [$wide, $high] = [$drawing->width + 2 * self::MARGIN, $drawing->height + 2 * self::MARGIN];
        $groups = array_map(fn (Layer $layer): string => self::group($drawing, $layer), $drawing->layers());

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%1$.3Fmm" height="%2$.3Fmm" viewBox="%3$.3F %4$.3F %1$.3F %2$.3F" fill="none" stroke-width="0.35"><title>%5$s</title>%6$s</svg>',
            $wide, $high, -self::MARGIN, -$drawing->height - self::MARGIN, self::escaped($drawing->name), implode('', $groups),
        );
    }

    private static function group(PartDrawing $drawing, Layer $layer): string
    {
        $lines = array_map(self::path(...), array_filter($drawing->strokes, fn (Stroke $one): bool => $one->layer === $layer));
        $holes = array_map(fn (Hole $one): string => sprintf('<circle cx="%.4F" cy="%.4F" r="%.4F"/>', $one->at[0], -$one->at[1], $one->diameter / 2), array_filter($drawing->holes, fn (Hole $one): bool => $one->layer === $layer));
        $notes = $layer === Layer::Text ? array_map(fn (Note $one): string => sprintf('<text x="%.3F" y="%.3F" font-size="%.2F">%s</text>', $one->at[0], -$one->at[1], $one->height, self::escaped($one->text)), $drawing->notes) : [];
        $look = $layer === Layer::Text ? sprintf('fill="%s" font-family="sans-serif"', self::COLOURS[$layer->value]) : sprintf('stroke="%s"%s', self::COLOURS[$layer->value], isset(self::DASHES[$layer->value]) ? ' stroke-dasharray="'.self::DASHES[$layer->value].'"' : '');

        return sprintf('<g id="%s" %s>%s</g>', $layer->value, $look, implode('', [...$lines, ...$holes, ...$notes]));
    }

    private static function path(Stroke $stroke): string
    {
        $path = sprintf('M%.4F %.4F', $stroke->edges[0]->from[0], -$stroke->edges[0]->from[1]);
        foreach ($stroke->edges as $edge) {
            $path .= self::step($edge);
        }

        return sprintf('<path d="%s"/>', $path.($stroke->isClosed ? 'Z' : ''));
    }

    private static function step(Edge $edge): string
    {
        // Up is down in SVG: what turns anticlockwise is drawn with its sweep flag off.
        return $edge->isArc() ? sprintf('A%1$.4F %1$.4F 0 0 %2$d %3$.4F %4$.4F', $edge->radius, $edge->bulge > 0.0 ? 0 : 1, $edge->to[0], -$edge->to[1]) : sprintf('L%.4F %.4F', $edge->to[0], -$edge->to[1]);
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars((string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F]/', '', $text), ENT_XML1 | ENT_QUOTES);
    }
}
