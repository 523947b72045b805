<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** A rectangular hollow: a box of webs and flanges, or a tube with rounded corners. */
final readonly class HollowPreset implements Preset
{
    public function __construct(public float $depth, public float $width, public float $thickness, public float $flangeThickness, public float $insideRadius = 0.0) {}

    public static function kind(): string
    {
        return 'box';
    }

    public function outlines(): array
    {
        $r = $this->insideRadius;

        return [
            [$this->rectangle($this->width, $this->depth, $r > 0.0 ? $r + $this->thickness : 0.0), 1],
            [$this->rectangle($this->width - 2 * $this->thickness, $this->depth - 2 * $this->flangeThickness, $r), -1],
        ];
    }

    public function openConstant(): float
    {
        return 0.0;
    }

    public function cell(): Cell
    {
        [$a, $c] = [$this->width - $this->thickness, $this->depth - $this->flangeThickness];
        $rho = $this->insideRadius > 0.0 ? $this->insideRadius + $this->thickness / 2 : 0.0;

        return new Cell(
            $a * $c - (4 - M_PI) * $rho ** 2,
            2 * $a / $this->flangeThickness + 2 * $c / $this->thickness - (8 - 2 * M_PI) * $rho / $this->thickness,
            min($this->thickness, $this->flangeThickness),
        );
    }

    public function thickestWall(): float
    {
        return max($this->thickness, $this->flangeThickness);
    }

    public function shearCentre(): array
    {
        return ['y' => 0.0, 'z' => 0.0];
    }

    private function rectangle(float $width, float $depth, float $radius): Outline
    {
        [$y, $z] = [$width / 2, $depth / 2];

        return Outline::rounded([[-$y, -$z, $radius], [$y, -$z, $radius], [$y, $z, $radius], [-$y, $z, $radius]]);
    }
}
