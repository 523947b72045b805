<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Files;

use Geodex\Core\Calculators\Plates\Contour;
use Geodex\Core\Calculators\Plates\Edge;
use Geodex\Core\Parts\Layer;

/**
 * Closed outlines out of a DXF file: its unit from the file, inches converted, splines and ellipses flattened, blocks exploded, loose lines and arcs chained.
 * What stands in space is refused.
 */
final class DxfReader
{
    private const MOST_BYTES = 20_000_000;

    private const MOST_EDGES = 20_000;

    private const DEEPEST = 8;

    /** Chord error of what is flattened (file's unit converted to mm). */
    public const FLAT = 0.05;

    /** Ends nearer than this are one (mm). */
    private const JOINS = 0.02;

    private const UNITS = [0 => 1.0, 1 => 25.4, 2 => 304.8, 4 => 1.0, 5 => 10.0, 6 => 1000.0];

    private const SKIPPED = ['TEXT', 'MTEXT', 'POINT', 'DIMENSION', 'HATCH', 'ATTDEF', 'ATTRIB', 'LEADER', 'VIEWPORT', 'SEQEND', 'IMAGE', 'WIPEOUT', 'XLINE', 'RAY'];

    /** Layers of this application's own files that nothing is cut along. */
    private const NO_CUT = [Layer::Mark->value, Layer::Bend->value, Layer::Seam->value, Layer::Centre->value, Layer::Text->value];

    /** @var array<string, list<DxfEntity>> */
    private array $blocks = [];

    /** @var list<string> */
    private array $notes = [];

    private function __construct() {}

    /** @throws UnreadableDxf */
    public static function read(string $file): DxfOutline
    {
        if (strlen($file) > self::MOST_BYTES) {
            throw UnreadableDxf::because('The file is larger than 20 MB: no part is.');
        }
        if (str_starts_with($file, 'AutoCAD Binary DXF')) {
            throw UnreadableDxf::because('A binary DXF file: save it as ASCII.');
        }

        return (new self)->outline(DxfSections::of($file));
    }

    private function outline(DxfSections $file): DxfOutline
    {
        $unit = self::UNITS[$file->unit] ?? throw UnreadableDxf::because("The file is in a unit that is not known here (\$INSUNITS $file->unit); millimetres are 4, inches 1.");
        $this->notes = $file->unit === 0 ? ['The file names no unit: taken as millimetres.'] : ($unit === 1.0 ? [] : [sprintf('Converted to millimetres: one unit of the file is %g.', $unit)]);
        $this->blocks = $file->blocks;
        $closed = $open = [];
        foreach ($this->paths($file->entities, DxfPlacement::scaled($unit), 0) as $path) {
            $isClosed = count($path) > 1 && self::apart($path[0]->from, $path[count($path) - 1]->to) < self::JOINS;
            $isClosed ? $closed[] = $path : $open[] = $path;
        }
        [$chained, $loose] = self::chained(array_merge([], ...$open));
        if ($loose > 0) {
            $this->notes[] = "$loose lines close to nothing and were left out.";
        }
        $loops = self::once([...$closed, ...$chained]);
        if ($loops === []) {
            throw UnreadableDxf::because('No closed outline is in the file: lines have to meet at their ends.');
        }

        return new DxfOutline($loops, array_values(array_unique($this->notes)));
    }

    /**
     * @param  list<DxfEntity>  $entities
     * @return list<non-empty-list<Edge>>
     */
    private function paths(array $entities, DxfPlacement $place, int $depth): array
    {
        $paths = [];
        $edges = 0;
        foreach ($entities as $entity) {
            $found = $entity->kind === 'INSERT' ? $this->inserted($entity, $place, $depth) : $this->path($entity, $place);
            foreach ($found as $path) {
                $edges += count($path);
                $paths[] = $path;
            }
            if ($edges > self::MOST_EDGES) {
                throw UnreadableDxf::because(sprintf('More than %d edges: no part has so many. Draw it with arcs instead of points.', self::MOST_EDGES));
            }
        }

        return $paths;
    }

    /** @return list<non-empty-list<Edge>> */
    private function path(DxfEntity $entity, DxfPlacement $place): array
    {
        if (in_array($entity->kind, self::SKIPPED, true) || in_array(strtoupper($entity->text(8)), self::NO_CUT, true)) {
            return [];
        }
        if (! $entity->isFlat()) {
            throw UnreadableDxf::because("line $entity->line: a $entity->kind stands in space; a part is cut from a flat outline.");
        }
        $edges = DxfShapes::edges($entity, self::FLAT / $place->scale);
        if ($edges === null) {
            throw UnreadableDxf::because("line $entity->line: a $entity->kind is nothing that can be cut out. Lines, arcs, circles, polylines, ellipses and splines are read.");
        }
        if (in_array($entity->kind, ['SPLINE', 'ELLIPSE'], true)) {
            $this->notes[] = sprintf('Made into lines that leave it by no more than %g mm: %s.', self::FLAT, strtolower($entity->kind));
        }
        $moved = [];
        foreach ($edges as $edge) {
            [$from, $to, $middle] = [$place->of($edge->from), $place->of($edge->to), $place->of($edge->at(0.5))];
            if (self::apart($from, $to) > 1e-6) {
                $moved[] = Edge::between($from, $to, self::bulge($from, $middle, $to, $edge));
            }
        }

        return $moved === [] ? [] : [$moved];
    }

    /**
     * The bulge after it was moved, turned, mirrored or made larger: by how far its middle stands off the chord.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $middle
     * @param  array{float, float}  $to
     */
    private static function bulge(array $from, array $middle, array $to, Edge $edge): float
    {
        if (! $edge->isArc()) {
            return 0.0;
        }
        [$dx, $dy] = [$to[0] - $from[0], $to[1] - $from[1]];
        $chord = hypot($dx, $dy);
        // A bulge is the rise over half the chord; to the right of the chord it turns anticlockwise.
        $right = (($middle[0] - $from[0]) * $dy - ($middle[1] - $from[1]) * $dx) / $chord;

        return max(-1.0, min(1.0, 2 * $right / $chord));
    }

    /** @return list<non-empty-list<Edge>> */
    private function inserted(DxfEntity $insert, DxfPlacement $place, int $depth): array
    {
        $block = $this->blocks[$insert->text(2)] ?? null;
        if ($block === null || $depth >= self::DEEPEST) {
            throw UnreadableDxf::because("line $insert->line: ".($block === null ? 'the block “'.$insert->text(2).'” is not in the file.' : 'blocks lie in blocks too deep.'));
        }

        return $this->paths($block, $place->inserting($insert), $depth + 1);
    }

    /**
     * Loose lines and arcs joined where they meet.
     *
     * @param  list<Edge>  $edges
     * @return array{list<non-empty-list<Edge>>, int} loops, and how many edges are in none
     */
    private static function chained(array $edges): array
    {
        $loops = [];
        $loose = 0;
        while ($edges !== []) {
            $loop = [array_shift($edges)];
            while (self::apart($loop[0]->from, $loop[count($loop) - 1]->to) >= self::JOINS || count($loop) < 2) {
                $next = self::goesOn($loop[count($loop) - 1]->to, $edges);
                if ($next === null) {
                    $loose += count($loop);
                    $loop = [];
                    break;
                }
                [$i, $edge] = $next;
                array_splice($edges, $i, 1);
                $loop[] = $edge;
            }
            if ($loop !== []) {
                $loops[] = $loop;
            }
        }

        return [$loops, $loose];
    }

    /**
     * @param  array{float, float}  $end
     * @param  list<Edge>  $edges
     * @return ?array{int, Edge}
     */
    private static function goesOn(array $end, array $edges): ?array
    {
        foreach ($edges as $i => $edge) {
            if (self::apart($end, $edge->from) < self::JOINS) {
                return [$i, $edge];
            }
            if (self::apart($end, $edge->to) < self::JOINS) {
                return [$i, $edge->reversed()];
            }
        }

        return null;
    }

    /**
     * By falling area, each only once, anticlockwise.
     *
     * @param  list<non-empty-list<Edge>>  $loops
     * @return list<non-empty-list<Edge>>
     */
    private static function once(array $loops): array
    {
        $kept = [];
        foreach ($loops as $loop) {
            $area = Contour::loopArea($loop);
            $key = sprintf('%.2f %.2f %.2f', abs($area), min(array_map(fn (Edge $one): float => $one->box[0], $loop)), min(array_map(fn (Edge $one): float => $one->box[1], $loop)));
            if (abs($area) > 1e-3) {
                $kept[$key] = $area > 0.0 ? $loop : array_map(fn (Edge $edge): Edge => $edge->reversed(), array_reverse($loop));
            }
        }
        usort($kept, fn (array $a, array $b): int => Contour::loopArea($b) <=> Contour::loopArea($a));

        return $kept;
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     */
    private static function apart(array $a, array $b): float
    {
        return hypot($a[0] - $b[0], $a[1] - $b[1]);
    }
}
