<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis\Loads;

use Geodex\Core\Structure\AxleSupport;
use Geodex\Core\Structure\FrameBeam;

/** A frame on its axles under one way of loading; N, mm, N·m. */
final readonly class LoadCase
{
    public const GRAVITY = 9.80665;

    public FrameBeam $beam;

    /**
     * @param  list<AxleSupport>  $supports  two, the front one first
     * @param  list<array{float, float}>  $points  station (mm) and mass (kg)
     * @param  list<array{float, float, float}>  $spreads  from, to (mm) and mass (kg)
     * @param  list<Couple>  $couples  that push its nose down
     */
    public function __construct(public LoadKind $kind, public array $supports, public array $points, public array $spreads, public array $couples = [])
    {
        $newton = fn (float $kg): float => $kg * self::GRAVITY;
        $this->beam = new FrameBeam(
            $supports,
            [...array_map(fn (array $one): array => [$one[0], $newton($one[1])], $points), ...array_merge(...array_map(fn (Couple $one): array => $one->forces(), $couples))],
            array_map(fn (array $one): array => [$one[0], $one[1], $newton($one[2])], $spreads),
        );
    }

    /** The same with one mass more, at a point. */
    public function with(float $station, float $mass): self
    {
        return new self($this->kind, $this->supports, [...$this->points, [$station, $mass]], $this->spreads, $this->couples);
    }

    /**
     * The same with couples besides.
     *
     * @param  list<Couple>  $couples
     */
    public function turned(LoadKind $kind, array $couples): self
    {
        return new self($kind, $this->supports, $this->points, $this->spreads, [...$this->couples, ...$couples]);
    }

    public function mass(): float
    {
        return array_sum(array_column($this->points, 1)) + array_sum(array_column($this->spreads, 2));
    }

    /** @return array{float, float} what the front and the rear support carry (kg); negative where they lift */
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
