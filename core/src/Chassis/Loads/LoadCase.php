<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis\Loads;

use Geodex\Core\Structure\FrameBeam;

/** A frame on its axles under one way of loading; N, mm, N·m. */
final readonly class LoadCase
{
    public const GRAVITY = 9.80665;

    /**
     * @param  list<array{float, float}>  $points  station (mm) and mass (kg)
     * @param  list<array{float, float, float}>  $spreads  from, to (mm) and mass (kg)
     */
    public function __construct(public LoadKind $kind, public FrameBeam $beam, public array $points, public array $spreads) {}

    public function mass(): float
    {
        return array_sum(array_column($this->points, 1)) + array_sum(array_column($this->spreads, 2));
    }

    /** @return array{float, float} what the front and the rear axles carry (kg); negative where they lift */
    public function carried(): array
    {
        return [$this->beam->reactions[0] / self::GRAVITY, $this->beam->reactions[1] / self::GRAVITY];
    }

    /**
     * @param  list<float>  $stations
     * @return list<float> bending moment of both rails together (N·m), sagging positive
     */
    public function moments(array $stations): array
    {
        return array_map(fn (float $moment): float => $moment / 1000, $this->beam->moments($stations));
    }
}
