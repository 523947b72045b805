<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** Area, centroid and second moments of a section, net of its holes; bending seen from the side is about y. */
final readonly class SectionProperties
{
    public float $area;

    /** Area without the holes taken out (mm²). */
    public float $grossArea;

    public float $y;

    public float $z;

    public float $inertiaY;

    public float $inertiaZ;

    public float $inertiaYZ;

    /** S of the top fibre and of the bottom fibre (mm³). */
    public float $top;

    public float $bottom;

    /** ∫ (z − zc) dA over what lies above the centroid (mm³). */
    public float $firstMoment;

    public function __construct(Section $section)
    {
        $material = $section->material();
        $net = [...$material, ...array_map(fn (Outline $hole): array => [$hole, -1], $section->holes)];
        $sums = $this->sums($net);
        $this->area = $sums[0];
        $this->grossArea = $this->sums($material)[0];
        [$this->y, $this->z] = [$sums[1] / $sums[0], $sums[2] / $sums[0]];
        $this->inertiaZ = $sums[3] - $sums[0] * $this->y ** 2;
        $this->inertiaY = $sums[4] - $sums[0] * $this->z ** 2;
        $this->inertiaYZ = $sums[5] - $sums[0] * $this->y * $this->z;
        $heights = array_map(fn (array $one): array => $one[0]->height(), $material);
        $this->top = $this->inertiaY / (max([-INF, ...array_map(fn (array $one): float => $one[1], $heights)]) - $this->z);
        $this->bottom = $this->inertiaY / ($this->z - min([INF, ...array_map(fn (array $one): float => $one[0], $heights)]));
        $above = $this->sums(array_map(fn (array $one): array => [$one[0]->above($this->z), $one[1]], $net));
        $this->firstMoment = $above[2] - $this->z * $above[0];
    }

    /**
     * @param  list<array{Outline, int}>  $outlines
     * @return array{float, float, float, float, float, float}
     */
    private function sums(array $outlines): array
    {
        $sums = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($outlines as [$outline, $sign]) {
            foreach ($outline->integrals() as $k => $value) {
                $sums[$k] += $sign * $value;
            }
        }

        return [$sums[0], $sums[1], $sums[2], $sums[3], $sums[4], $sums[5]];
    }
}
