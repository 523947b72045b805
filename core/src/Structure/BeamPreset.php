<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** An I: two flanges on a web, with a fillet in each root. */
final readonly class BeamPreset implements Preset
{
    public function __construct(public float $depth, public float $width, public float $thickness, public float $flangeThickness, public float $insideRadius) {}

    public static function kind(): string
    {
        return 'i';
    }

    public function outlines(): array
    {
        [$h, $b, $w, $f, $r] = [$this->depth / 2, $this->width / 2, $this->thickness / 2, $this->flangeThickness, $this->insideRadius];

        return [[Outline::rounded([
            [-$b, -$h, 0.0], [$b, -$h, 0.0], [$b, -$h + $f, 0.0], [$w, -$h + $f, $r], [$w, $h - $f, $r], [$b, $h - $f, 0.0],
            [$b, $h, 0.0], [-$b, $h, 0.0], [-$b, $h - $f, 0.0], [-$w, $h - $f, $r], [-$w, -$h + $f, $r], [-$b, -$h + $f, 0.0],
        ]), 1]];
    }

    public function openConstant(): float
    {
        return (($this->depth - $this->flangeThickness) * $this->thickness ** 3 + 2 * $this->width * $this->flangeThickness ** 3) / 3;
    }

    public function cell(): ?Cell
    {
        return null;
    }

    public function thickestWall(): float
    {
        return max($this->thickness, $this->flangeThickness);
    }

    public function shearCentre(): array
    {
        return ['y' => 0.0, 'z' => 0.0];
    }
}
