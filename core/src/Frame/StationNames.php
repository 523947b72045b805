<?php

declare(strict_types=1);

namespace Geodex\Core\Frame;

use Geodex\Core\Fields\Placed;
use Geodex\Core\Fields\Stations;
use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthUnit;

/**
 * Stations as people give them: “350 behind CL”, “120 ahead of rear axle”, “CL + 350”, or the name alone. Points stand where the chart
 * puts them, axles where they are entered.
 */
final readonly class StationNames implements Stations
{
    private const WAYS = '/\A\s*(?<length>.+?)\s+(?<way>behind|rearward of|back of|ahead of|in front of|before|forward of)\s+(?<name>.+?)\s*\z/iu';

    private const SUM = '/\A\s*(?<name>.+?)\s+(?<way>[+\-−])\s+(?<length>.+?)\s*\z/u';

    private const FORWARD = ['ahead of', 'in front of', 'before', 'forward of', '-', '−'];

    /** @var array<string, ?float> station (mm) by name in small letters */
    private array $stations;

    public function __construct(Frame $frame)
    {
        $stations = [];
        foreach ($frame->axles as $axle) {
            foreach (["$axle->id axle", "axle $axle->id"] as $name) {
                $stations[mb_strtolower($name)] = $axle->station;
            }
        }
        foreach ($frame->points as $point) {
            $stations[mb_strtolower($point->id)] = $point->reference?->x;
        }
        $this->stations = $stations;
    }

    /** @throws UnknownStation if it names something that has no station */
    public function read(string $text, LengthUnit $unit): ?Placed
    {
        $alone = mb_strtolower(trim($text));
        if (array_key_exists($alone, $this->stations)) {
            return new Placed($this->of($text), trim($text));
        }
        if (preg_match(self::WAYS, $text, $found) !== 1 && preg_match(self::SUM, $text, $found) !== 1) {
            return null;
        }
        // “5 - 3/8” is a length and no name less another.
        if (! array_key_exists(mb_strtolower($found['name']), $this->stations) && preg_match('/\A[\d\s.,\/"\'′″-]+\z/u', $found['name']) === 1) {
            return null;
        }
        $by = Length::parse($found['length'], $unit)->mm;
        $isForward = in_array(mb_strtolower($found['way']), self::FORWARD, true);
        // What is kept is read again where a bare number may mean another unit.
        $length = preg_match('/[a-z"\'′″]\s*\z/iu', $found['length']) === 1 ? $found['length'] : "{$found['length']} {$unit->value}";

        return new Placed($this->of($found['name']) + ($isForward ? -$by : $by), $length.($isForward ? ' ahead of ' : ' behind ').$found['name']);
    }

    /** @throws UnknownStation */
    private function of(string $name): float
    {
        $known = mb_strtolower(trim($name));
        if (! array_key_exists($known, $this->stations)) {
            throw UnknownStation::named(trim($name), array_map(strval(...), array_keys($this->stations)));
        }

        return $this->stations[$known] ?? throw UnknownStation::notCharted(trim($name));
    }
}
