<?php

declare(strict_types=1);

namespace Geodex\Core\Frame;

use Geodex\Core\Geometry\Vector3;

/** The frame as its chart describes it: points, axles, and what runs along it. */
final readonly class Frame
{
    /** @var array<string, Point> */
    private array $byId;

    /**
     * @param  list<Point>  $points  in the order of the job
     * @param  list<Axle>  $axles
     * @param  list<CarriedItem>  $carried
     * @param  ?ReferenceCovariance  $referenceCovariance  where the reference was measured itself
     */
    public function __construct(public array $points, public array $axles = [], public array $carried = [], public ?ReferenceCovariance $referenceCovariance = null)
    {
        $byId = [];
        foreach ($points as $point) {
            $byId[$point->id] = $point;
        }
        $this->byId = $byId;
    }

    public function has(string $id): bool
    {
        return isset($this->byId[$id]);
    }

    /** @throws UnknownPoint if no point has that id */
    public function point(string $id): Point
    {
        return $this->byId[$id] ?? throw UnknownPoint::named($id, array_map('strval', array_keys($this->byId)));
    }

    /** Whether it has points and a chart gives none of them: then it can only be held against its own mirror image. */
    public function isUncharted(): bool
    {
        return $this->points !== [] && $this->chart() === [];
    }

    /** @return array<string, Vector3> where the chart puts the points it gives (mm), by id */
    public function chart(): array
    {
        return array_filter(array_map(fn (Point $point): ?Vector3 => $point->reference, $this->byId));
    }

    /** Station of the last axle less that of the first in mm; null with fewer than two. */
    public function wheelbase(): ?float
    {
        $stations = array_map(fn (Axle $axle): float => $axle->station, $this->axles);

        return count($stations) < 2 ? null : max($stations) - min($stations);
    }
}
