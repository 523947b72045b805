<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** A round tube. */
final readonly class RoundTubePreset implements Preset
{
    public function __construct(public float $diameter, public float $thickness) {}

    public static function kind(): string
    {
        return 'round-tube';
    }

    public function outlines(): array
    {
        return [[Outline::circle($this->diameter), 1], [Outline::circle($this->diameter - 2 * $this->thickness), -1]];
    }

    public function openConstant(): float
    {
        return 0.0;
    }

    public function cell(): Cell
    {
        $middle = $this->diameter - $this->thickness;

        return new Cell(M_PI * $middle ** 2 / 4, M_PI * $middle / $this->thickness, $this->thickness);
    }

    public function thickestWall(): float
    {
        return $this->thickness;
    }

    public function shearCentre(): array
    {
        return ['y' => 0.0, 'z' => 0.0];
    }
}
