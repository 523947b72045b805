<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis\Loads;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Rail;
use Geodex\Core\Chassis\RailSection;
use Geodex\Core\Chassis\WallReading;
use Geodex\Core\Frame\Side;

/**
 * What the rails of a frame have all along: worked out where a run begins and ends, where a wall was measured and along tapers, and taken
 * straight in between, so that a diagram of a hundred stations needs a handful of sections.
 */
final readonly class RailStrengths
{
    /** Parts that a taper is taken straight in; S of one grows nearly with the square of its depth. */
    private const TAPER_PARTS = 4;

    /** @var list<array{Rail, Side, list<array{float, float, float}>}> station, S and I along each run, by side */
    private array $runs;

    public function __construct(Chassis $chassis)
    {
        $runs = $known = [];
        foreach ($chassis->rails as $rail) {
            foreach ($rail->side->sides() as $side) {
                $knots = [];
                foreach ($this->stations($rail, $side, $chassis->walls) as $station) {
                    $lost = $chassis->lost($rail, $side, $station);
                    $key = sprintf('%s %.2f %.3f', $rail->id(), $rail->depth($station), $lost);
                    $known[$key] ??= RailSection::of($rail, $side, $station, $lost);
                    $knots[] = [$station, $known[$key]->modulus(), $known[$key]->properties->inertiaY];
                }
                $runs[] = [$rail, $side, $knots];
            }
        }
        $this->runs = $runs;
    }

    /** The weaker of both rails at a station; null where none is entered. */
    public function weaker(float $station): ?RailStrength
    {
        $weaker = null;
        foreach ($this->runs as [$rail, $side, $knots]) {
            if (! $rail->isAt($station)) {
                continue;
            }
            [$modulus, $inertia] = $this->between($knots, $station);
            if ($weaker === null || $modulus < $weaker->modulus) {
                $weaker = new RailStrength($rail, $side, $modulus, $inertia);
            }
        }

        return $weaker;
    }

    /**
     * @param  list<WallReading>  $walls
     * @return list<float> mm
     */
    private function stations(Rail $rail, Side $side, array $walls): array
    {
        $stations = [$rail->from, $rail->to];
        foreach ($walls as $wall) {
            if ($wall->side->is($side) && $rail->isAt($wall->station)) {
                $stations[] = $wall->station;
            }
        }
        for ($i = 1; $rail->tapers() && $i < self::TAPER_PARTS; $i++) {
            $stations[] = $rail->from + ($rail->to - $rail->from) * $i / self::TAPER_PARTS;
        }
        $stations = array_values(array_unique($stations));
        sort($stations);

        return $stations;
    }

    /**
     * @param  list<array{float, float, float}>  $knots
     * @return array{float, float}
     */
    private function between(array $knots, float $station): array
    {
        for ($i = 1; $i < count($knots); $i++) {
            [$x0, $s0, $i0] = $knots[$i - 1];
            [$x1, $s1, $i1] = $knots[$i];
            if ($station <= $x1) {
                $share = ($station - $x0) / ($x1 - $x0);

                return [$s0 + ($s1 - $s0) * $share, $i0 + ($i1 - $i0) * $share];
            }
        }

        return [$knots[count($knots) - 1][1], $knots[count($knots) - 1][2]];
    }
}
