<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

use Geodex\Core\Calculators\Calculators;

/** How warm the place of a joint is estimated to be now, from the runs that were logged there, and when the next may follow. */
final readonly class JointHeat
{
    /** Limits between passes, °C: shop defaults. */
    private const MILD = 150.0;

    private const HIGH_STRENGTH = 100.0;

    /** Older runs warm nothing any more (s). */
    private const FORGOTTEN_AFTER = 14_400.0;

    private const MOST_RUNS = 60;

    private function __construct(public float $temperature, public float $low, public float $high, public float $limit, public ?float $waitSeconds) {}

    /**
     * @param  list<WeldRun>  $runs  at one joint, in any order
     * @param  float  $thickness  of the rail, mm
     * @param  float  $width  of the rail unfolded: flange, web and flange, mm
     * @param  float  $now  on the clock of the runs, s
     * @return ?self null where nothing was welded there lately
     */
    public static function of(array $runs, float $thickness, float $width, bool $isHighStrength, float $now): ?self
    {
        $lately = array_values(array_filter($runs, fn (WeldRun $run): bool => $run->ended <= $now && $now - $run->ended < self::FORGOTTEN_AFTER));
        usort($lately, fn (WeldRun $a, WeldRun $b): int => $b->ended <=> $a->ended);
        $lately = array_slice($lately, 0, self::MOST_RUNS);
        if ($lately === []) {
            return null;
        }
        $start = min(array_map(fn (WeldRun $run): float => $run->ended, $lately));
        $limit = $isHighStrength ? self::HIGH_STRENGTH : self::MILD;
        /** @var array{places: list<array{temperature: float, low: float, high: float, wait: ?float}>} $told */
        $told = Calculators::run('interpass', [
            'thickness' => $thickness, 'width' => $width, 'now' => $now - $start, 'limit' => $limit, 'places' => [['id' => 'joint', 'at' => [0.0, $width / 2]]],
            'runs' => array_map(fn (WeldRun $run): array => ['time' => $run->ended - $start, 'heat' => $run->heat, 'from' => [-min($run->length, $width) / 2, $width / 2], 'to' => [min($run->length, $width) / 2, $width / 2]], $lately),
        ]);
        $place = $told['places'][0];

        return new self($place['temperature'], $place['low'], $place['high'], $limit, $place['wait']);
    }
}
