<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

use Geodex\Core\Fields\Field;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;

/** Marks of a drawing from two edges that a square reaches, each from the same origin: two of them differ by σ√2, however many lie between. */
final readonly class RunningDimensions implements HasShopDefaults
{
    /** Marks nearer than this are one (mm). */
    private const NEAR = 0.05;

    private const MOST = 120;

    /**
     * @param  list<Mark>  $marks
     * @param  float  $sigma  of one marked line, mm
     * @param  float  $between  of two of them, mm
     */
    private function __construct(public array $marks, public float $sigma, public float $between) {}

    /** @return list<ShopDefault> */
    public static function shopDefaults(): array
    {
        return [new ShopDefault('Marking out', Field::length('markerWidth', 'A marker’s line is this wide')->between(0.05, 5.0)->defaults(1.5), 'a felt pen 1.5, a scriber 0.3')];
    }

    public static function of(PartDrawing $drawing, Shop $shop): self
    {
        $sigma = $shop->value(self::shopDefaults()[0]) / sqrt(12.0);

        return new self([...self::holes($drawing), ...self::lines($drawing), ...self::corners($drawing)], $sigma, $sigma * M_SQRT2);
    }

    /** @return list<Mark> */
    private static function holes(PartDrawing $drawing): array
    {
        $holes = $drawing->holes;
        usort($holes, fn (Hole $a, Hole $b): int => [$a->at[0], $a->at[1]] <=> [$b->at[0], $b->at[1]]);
        $marks = [];
        foreach (array_slice($holes, 0, self::MOST) as $i => $hole) {
            $marks[] = self::mark($drawing, sprintf('punch %d, ⌀ %g', $i + 1, round($hole->diameter, 2)), $hole->at[0], $hole->at[1], 'punch');
        }

        return $marks;
    }

    /** @return list<Mark> bends, seams and marks that run straight across or along */
    private static function lines(PartDrawing $drawing): array
    {
        $marks = [];
        foreach ($drawing->strokes as $stroke) {
            [$from, $to] = [$stroke->edges[0]->from, $stroke->edges[count($stroke->edges) - 1]->to];
            if ($stroke->isClosed || ! in_array($stroke->layer, [Layer::Bend, Layer::Mark, Layer::Seam], true) || count($marks) >= self::MOST) {
                continue;
            }
            if (abs($from[0] - $to[0]) < self::NEAR) {
                $marks[] = self::mark($drawing, $stroke->layer->words(), $from[0], null, 'split');
            } elseif (abs($from[1] - $to[1]) < self::NEAR) {
                $marks[] = self::mark($drawing, $stroke->layer->words(), null, $from[1], 'split');
            }
        }
        usort($marks, fn (Mark $a, Mark $b): int => [$a->fromLeft ?? INF, $a->fromLow ?? INF] <=> [$b->fromLeft ?? INF, $b->fromLow ?? INF]);

        return $marks;
    }

    /** @return list<Mark> corners of what is cut, from left to right; the line is left standing and dressed off */
    private static function corners(PartDrawing $drawing): array
    {
        $places = [];
        foreach ($drawing->cuts() as $cut) {
            foreach ($cut->edges as $edge) {
                $known = array_filter($places, fn (array $one): bool => hypot($one[0] - $edge->from[0], $one[1] - $edge->from[1]) < self::NEAR);
                // A curve of a hundred edges is a template, and no row of marks.
                $places = $known === [] && count($cut->edges) <= 40 ? [...$places, $edge->from] : $places;
            }
        }
        usort($places, fn (array $a, array $b): int => [round($a[0], 2), $a[1]] <=> [round($b[0], 2), $b[1]]);

        return array_map(fn (array $at): Mark => self::mark($drawing, 'corner', $at[0], $at[1], 'leave'), array_slice($places, 0, self::MOST));
    }

    private static function mark(PartDrawing $drawing, string $what, ?float $x, ?float $y, string $line): Mark
    {
        return new Mark($what, $x, $x === null ? null : $drawing->width - $x, $y, $y === null ? null : $drawing->height - $y, $line);
    }
}
