<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Reading\Reading;

/** Readings and the points they touch, numbered along the frame so that the normal equations stay narrow. */
final readonly class Network
{
    /** @var array<string, int> first of the three unknowns of each point */
    public array $columns;

    /** @var list<string> */
    public array $pointIds;

    /**
     * @param  list<Reading>  $readings
     * @param  array<string, Vector3>  $start  approximate positions (mm) of at least the points touched
     */
    public function __construct(public array $readings, array $start)
    {
        $touched = [];
        foreach ($readings as $reading) {
            foreach ($reading->kind->points() as $id) {
                $touched[$id] = $start[$id];
            }
        }
        uasort($touched, fn (Vector3 $a, Vector3 $b): int => [$a->x, $a->y, $a->z] <=> [$b->x, $b->y, $b->z]);
        $this->pointIds = array_map(strval(...), array_keys($touched));
        $columns = [];
        foreach ($this->pointIds as $i => $id) {
            $columns[$id] = 3 * $i;
        }
        $this->columns = $columns;
    }

    public function unknowns(): int
    {
        return 3 * count($this->pointIds);
    }

    /**
     * Lays the partials of one reading on the unknowns, divided by its sigma.
     *
     * @param  list<float>  $partials
     * @return array<int, float>
     */
    public function row(Reading $reading, array $partials): array
    {
        $row = [];
        $k = 0;
        foreach ($reading->kind->points() as $id) {
            $column = $this->columns[$id];
            $row[$column] = $partials[$k++] / $reading->sigma;
            $row[$column + 1] = $partials[$k++] / $reading->sigma;
            $row[$column + 2] = $partials[$k++] / $reading->sigma;
        }

        return $row;
    }
}
