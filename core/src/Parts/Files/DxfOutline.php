<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Files;

use Geodex\Core\Calculators\Plates\Edge;

/** What was read of a DXF file; mm. */
final readonly class DxfOutline
{
    /**
     * @param  non-empty-list<non-empty-list<Edge>>  $loops  by falling area, anticlockwise
     * @param  list<string>  $notes  what was assumed and left out
     */
    public function __construct(public array $loops, public array $notes) {}

    /**
     * The largest outline as the plate takes it, with the round holes in it as windows.
     *
     * @return array{contour: list<list<float>>, windows: list<array{at: array{float, float}, length: float, height: float, radius: float}>, notes: list<string>}
     */
    public function plate(): array
    {
        $windows = [];
        $left = 0;
        foreach (array_slice($this->loops, 1) as $loop) {
            $round = self::round($loop);
            $round === null ? $left++ : $windows[] = ['at' => $round[0], 'length' => 2 * $round[1], 'height' => 2 * $round[1], 'radius' => $round[1]];
        }

        return [
            'contour' => array_map(fn (Edge $edge): array => $edge->isArc() ? [...$edge->from, $edge->bulge] : $edge->from, $this->loops[0]), 'windows' => $windows,
            'notes' => $left === 0 ? $this->notes : [...$this->notes, $left === 1 ? 'One outline besides the largest is no round hole and was left out.' : "$left outlines besides the largest are no round holes and were left out."],
        ];
    }

    /**
     * @param  non-empty-list<Edge>  $loop
     * @return ?array{array{float, float}, float} centre and radius
     */
    private static function round(array $loop): ?array
    {
        foreach ($loop as $edge) {
            if (! $edge->isArc() || hypot($edge->centre[0] - $loop[0]->centre[0], $edge->centre[1] - $loop[0]->centre[1]) > 1e-4) {
                return null;
            }
        }

        return [$loop[0]->centre, $loop[0]->radius];
    }
}
