<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/**
 * First bending frequency of a frame on stiff supports, by Rayleigh: weights are reversed where the frame rises, so that the sum is twice
 * the strain energy and the frequency an upper bound. It compares before with after; it is not what the vehicle feels like.
 */
final readonly class BendingFrequency
{
    private const LUMPS = 200;

    private const ROUNDS = 20;

    private const GRAVITY = 9.80665;

    /**
     * @param  list<AxleSupport>  $supports
     * @param  list<array{float, float}>  $points  station and mass (kg)
     * @param  list<array{float, float, float}>  $spreads  from, to and mass (kg)
     * @param  float  $compliance  share of the load that a rail carries, over its E I (1/(N·mm²))
     * @param  positive-int  $many  masses that each spread is taken as
     * @return ?float Hz; null where nothing bends
     */
    public static function of(array $supports, array $points, array $spreads, float $compliance, int $many = self::LUMPS): ?float
    {
        $lumps = $points;
        foreach ($spreads as [$from, $to, $mass]) {
            for ($i = 0; $i < $many; $i++) {
                $lumps[] = [$from + ($i + 0.5) * ($to - $from) / $many, $mass / $many];
            }
        }
        $signs = array_fill(0, count($lumps), 1);
        $down = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $beam = new FrameBeam($supports, array_map(fn (array $lump, int $sign): array => [$lump[0], $sign * $lump[1] * self::GRAVITY], $lumps, $signs), []);
            $down = array_map(fn (float $up): float => -$up * $compliance, $beam->deflections(array_column($lumps, 0)));
            $next = array_map(fn (float $mm): int => $mm < 0.0 ? -1 : 1, $down);
            if ($next === $signs) {
                break;
            }
            $signs = $next;
        }
        $work = $motion = 0.0;
        foreach ($lumps as $i => [, $mass]) {
            $work += $mass * abs($down[$i]) / 1000;
            $motion += $mass * ($down[$i] / 1000) ** 2;
        }

        return $motion <= 0.0 ? null : sqrt(self::GRAVITY * $work / $motion) / (2 * M_PI);
    }
}
