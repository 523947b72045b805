<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** A section as rectangles above one another's axis, enough for bending seen from the side: each by the height of its centre (mm), height and width. */
final readonly class StackedRectangles
{
    public float $area;

    /** Height of the centroid. */
    public float $axis;

    /** About its own axis (mm⁴). */
    public float $inertia;

    /** Of the rectangles that carry shear: at least as high as wide. */
    public float $uprightArea;

    public float $top;

    public float $bottom;

    /** @param  non-empty-list<array{float, float, float}>  $rectangles  z, height, width; a hole has a negative width */
    public function __construct(public array $rectangles)
    {
        $this->area = array_sum(array_map(fn (array $one): float => $one[1] * $one[2], $rectangles));
        $this->axis = array_sum(array_map(fn (array $one): float => $one[0] * $one[1] * $one[2], $rectangles)) / $this->area;
        $this->inertia = $this->inertiaAbout($this->axis);
        $this->uprightArea = array_sum(array_map(fn (array $one): float => $one[1] >= $one[2] ? $one[1] * $one[2] : 0.0, $rectangles));
        $this->top = max(array_map(fn (array $one): float => $one[0] + $one[1] / 2, $rectangles));
        $this->bottom = min(array_map(fn (array $one): float => $one[0] - $one[1] / 2, $rectangles));
    }

    public function inertiaAbout(float $axis): float
    {
        return array_sum(array_map(fn (array $one): float => $one[2] * $one[1] ** 3 / 12 + $one[1] * $one[2] * ($one[0] - $axis) ** 2, $this->rectangles));
    }

    /** Of its farthest fibre from an axis. */
    public function reach(float $axis): float
    {
        return max(abs($this->top - $axis), abs($this->bottom - $axis));
    }

    /** Section modulus about its own axis (mm³). */
    public function modulus(): float
    {
        return $this->inertia / $this->reach($this->axis);
    }

    /**
     * Without some rectangles of it: holes.
     *
     * @param  list<array{float, float, float}>  $holes
     */
    public function without(array $holes): self
    {
        return new self([...$this->rectangles, ...array_map(fn (array $one): array => [$one[0], $one[1], -$one[2]], $holes)]);
    }

    public function with(self ...$others): self
    {
        return new self(array_merge($this->rectangles, ...array_map(fn (self $one): array => $one->rectangles, array_values($others))));
    }
}
