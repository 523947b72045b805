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

    /** @var list<list<int>> for each reading the first unknown of each point that it names */
    private array $firsts;

    /**
     * @param  list<Reading>  $readings
     * @param  array<string, Vector3>  $start  approximate positions (mm) of at least the points touched
     * @param  ?array<string, int>  $columns  unknowns of a larger network, to keep
     */
    public function __construct(public array $readings, array $start, ?array $columns = null)
    {
        if ($columns !== null) {
            $this->columns = $columns;
            $this->pointIds = array_map(strval(...), array_keys($columns));
            $this->firsts = array_map(fn (Reading $reading): array => array_map(fn (string $id): int => $columns[$id], $reading->kind->points()), $readings);

            return;
        }
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
        $this->firsts = array_map(fn (Reading $reading): array => array_map(fn (string $id): int => $columns[$id], $reading->kind->points()), $readings);
    }

    /**
     * The same unknowns without some of the readings.
     *
     * @param  list<int>  $out  positions in the list of readings
     */
    public function without(array $out): self
    {
        if ($out === []) {
            return $this;
        }
        $gone = array_flip($out);

        return new self(array_values(array_diff_key($this->readings, $gone)), [], $this->columns);
    }

    public function unknowns(): int
    {
        return 3 * count($this->pointIds);
    }

    /**
     * Lays the partials of the i-th reading on the unknowns, divided by its sigma.
     *
     * @param  list<float>  $partials
     * @return array<int, float>
     */
    public function row(int $i, array $partials): array
    {
        $sigma = $this->readings[$i]->sigma;
        $row = [];
        foreach ($this->firsts[$i] as $k => $c) {
            $row[$c] = $partials[3 * $k] / $sigma;
            $row[$c + 1] = $partials[3 * $k + 1] / $sigma;
            $row[$c + 2] = $partials[3 * $k + 2] / $sigma;
        }

        return $row;
    }

    /**
     * Lays the partials of any reading between points of the network on the unknowns, not divided.
     *
     * @param  list<string>  $points
     * @param  list<float>  $partials
     * @return array<int, float>
     */
    public function unweighted(array $points, array $partials): array
    {
        $row = [];
        $k = 0;
        foreach ($points as $id) {
            $column = $this->columns[$id];
            $row[$column] = $partials[$k++];
            $row[$column + 1] = $partials[$k++];
            $row[$column + 2] = $partials[$k++];
        }

        return $row;
    }
}
