<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Heat;

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\InvalidFields;

/** How warm the zones of one rail are estimated to be now, from the runs that were logged there, put right by a thermometer; and when the next run may follow. */
final readonly class RailHeat
{
    /** Older runs warm nothing any more (s). */
    private const FORGOTTEN_AFTER = 14_400.0;

    private const MOST_RUNS = 60;

    /**
     * @param  list<ZoneHeat>  $zones
     * @param  float  $limit  °C
     * @param  ?float  $factor  that a thermometer put on the rises; null without one
     */
    private function __construct(public array $zones, public float $limit, public ?float $factor) {}

    /**
     * @param  list<WeldRun>  $runs  on this rail, in any order
     * @param  list<Zone>  $zones  of this rail
     * @param  float  $now  on the clock of the runs, s
     * @return ?self null where nothing was welded there lately
     *
     * @throws InvalidFields if the thermometer read what cannot be
     */
    public static function of(RailStrip $strip, array $runs, array $zones, ?Thermometer $read, float $now): ?self
    {
        $lately = array_values(array_filter($runs, fn (WeldRun $run): bool => $run->ended <= $now && $now - $run->ended < self::FORGOTTEN_AFTER));
        usort($lately, fn (WeldRun $a, WeldRun $b): int => $b->ended <=> $a->ended);
        $lately = array_slice($lately, 0, self::MOST_RUNS);
        if ($lately === []) {
            return null;
        }
        $start = min(array_map(fn (WeldRun $run): float => $run->ended, $lately));
        // A run before the last one read counts as read; one that cooled for hours says nothing of now.
        $counts = $read !== null && $read->time >= $start && $read->time <= $now;
        /** @var array{factor: float, coolest: string, places: list<array{temperature: float, low: float, high: float, wait: ?float}>} $told */
        $told = Calculators::run('interpass', [
            'thickness' => $strip->thickness, 'width' => $strip->width(), 'now' => $now - $start, 'limit' => $strip->limit, 'places' => array_map(fn (Zone $zone): array => ['id' => $zone->id(), 'at' => $strip->middle($zone)], $zones),
            'runs' => array_map(fn (WeldRun $run): array => ['time' => $run->ended - $start, 'heat' => $run->heat, 'from' => $strip->ends($run)[0], 'to' => $strip->ends($run)[1]], $lately),
            ...($counts ? ['reading' => ['at' => $strip->middle($read->zone), 'time' => $read->time - $start, 'temperature' => $read->temperature]] : []),
        ]);
        $heats = array_map(fn (Zone $zone, array $place): ZoneHeat => new ZoneHeat($zone, $place['temperature'], $place['low'], $place['high'], $place['wait'], $zone->id() === $told['coolest']), $zones, $told['places']);

        return new self($heats, $strip->limit, $counts ? $told['factor'] : null);
    }
}
