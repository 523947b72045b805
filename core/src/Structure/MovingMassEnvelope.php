<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** What a mass that moves along a frame does at its worst places. Moments N·m, reactions N. */
final readonly class MovingMassEnvelope
{
    /** Moments that differ by less, as a share, are the same; the first place then counts. */
    private const SAME = 1e-9;

    /** @param  non-empty-list<array{position: float, beam: FrameBeam}>  $places */
    public function __construct(private array $places) {}

    /**
     * @param  list<float>  $stations
     * @return array{greatestMoment: array{moment: float, station: float, position: float}, leastMoment: array{moment: float, station: float, position: float}, reactions: list<array{id: string, least: float, greatest: float}>, stations: list<array{station: float, least: float, greatest: float}>}
     */
    public function at(array $stations): array
    {
        $extremes = array_map(fn (array $place): array => ['found' => $place['beam']->extremes(), 'position' => $place['position']], $this->places);
        $moments = array_map(fn (array $place): array => $place['beam']->moments($stations), $this->places);

        return [
            'greatestMoment' => $this->extreme($extremes, 0),
            'leastMoment' => $this->extreme($extremes, 1),
            'reactions' => array_map(fn (AxleSupport $support, int $k): array => ['id' => $support->id, ...$this->range(array_map(fn (array $place): float => $place['beam']->reactions[$k], $this->places))], $this->places[0]['beam']->supports, [0, 1]),
            'stations' => array_map(fn (float $x, int $k): array => ['station' => $x, ...$this->range(array_map(fn (float $moment): float => $moment / 1000, array_column($moments, $k)))], $stations, array_keys($stations)),
        ];
    }

    /**
     * @param  non-empty-array<array{found: array{array{float, float}, array{float, float}}, position: float}>  $extremes  of each place of the mass
     * @param  int  $which  0 the greatest, 1 the least
     * @return array{moment: float, station: float, position: float}
     */
    private function extreme(array $extremes, int $which): array
    {
        $extreme = null;
        foreach ($extremes as ['found' => $found, 'position' => $position]) {
            [$moment, $station] = $found[$which];
            $gain = $extreme === null ? INF : ($which === 0 ? 1 : -1) * ($moment / 1000 - $extreme['moment']) - self::SAME * abs($extreme['moment']);
            $extreme = $extreme === null || $gain > 0.0 ? ['moment' => $moment / 1000, 'station' => $station, 'position' => $position] : $extreme;
        }

        return $extreme;
    }

    /**
     * @param  list<float>  $values
     * @return array{least: float, greatest: float}
     */
    private function range(array $values): array
    {
        return ['least' => min([INF, ...$values]), 'greatest' => max([-INF, ...$values])];
    }
}
