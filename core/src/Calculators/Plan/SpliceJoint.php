<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Structure\StackedRectangles;

/** The rail and the parts across its joint as one beam: what each carries, as far as its fastenings bring it in. Methods of the plan, section 4. */
final readonly class SpliceJoint
{
    /**
     * @param  list<SplicePart>  $parts
     * @param  float  $butt  what the rail's own butt weld counts, 0 to 1
     * @param  float  $moment  N·mm, factored, without sign
     * @param  float  $shear  N, factored, without sign
     * @param  float  $weldAllowable  MPa
     */
    public function __construct(private StackedRectangles $rail, private array $parts, private float $butt, public float $moment, public float $shear, private float $weldAllowable) {}

    /** @param  list<float>  $weights  of the parts */
    public function axis(array $weights): float
    {
        $members = $this->members($weights);
        $area = array_sum(array_map(fn (array $one): float => $one[1] * $one[0]->area, $members));

        return array_sum(array_map(fn (array $one): float => $one[1] * $one[0]->area * $one[0]->axis, $members)) / $area;
    }

    /** @param  list<float>  $weights */
    public function inertia(array $weights): float
    {
        $axis = $this->axis($weights);

        return array_sum(array_map(fn (array $one): float => $one[1] * $one[0]->inertiaAbout($axis), $this->members($weights)));
    }

    /**
     * @param  list<float>  $weights
     * @return list<array{id: string, side: string, axial: float, shear: float, moment: float, needed: float, available: ?float, utilisation: float}>
     */
    public function fastenings(array $weights): array
    {
        $axis = $this->axis($weights);
        $curvature = $this->moment / $this->inertia($weights);
        $upright = array_sum(array_map(fn (array $one): float => $one[1] * $one[0]->uprightArea, $this->members($weights)));
        $all = [];
        foreach ($this->parts as $i => $part) {
            $section = $part->section;
            $axial = $weights[$i] * $section->area * ($section->axis - $axis) * $curvature;
            $shear = $part->isFlangePlate || $upright <= 0.0 ? 0.0 : $this->shear * $weights[$i] * $section->uprightArea / $upright;
            foreach (['front', 'rear'] as $side) {
                [$stress, $moment] = $part->on($side)->carries($axial, $shear, $weights[$i] * $section->inertia * $curvature, $section->axis, $part->isFlangePlate, "parts[$i].$side");
                $needed = $part->isFlangePlate ? abs($axial) : abs($moment) / 1000;
                $used = $stress / $this->weldAllowable;
                $all[] = [
                    'id' => $part->id, 'side' => $side, 'axial' => $axial, 'shear' => $shear, 'moment' => $moment / 1000,
                    'needed' => $needed, 'available' => $used > 0.0 ? $needed / $used : null, 'utilisation' => $used,
                ];
            }
        }

        return $all;
    }

    /**
     * What cannot get in or out does not cross: the poorer side decides.
     *
     * @param  list<array{utilisation: float, ...}>  $full  fastenings with every part counted whole, front and rear of each
     * @return list<float>
     */
    public function developed(array $full): array
    {
        return array_map(fn (array $sides): float => 1 / max(1.0, ...array_column($sides, 'utilisation')), array_chunk($full, 2));
    }

    /**
     * @param  list<float>  $weights
     * @return non-empty-list<array{id: string, developedShare: float, momentShare: float, stress: float, allowable: float, utilisation: float}>
     */
    public function stresses(array $weights, float $yield, float $heatFactor, float $safety): array
    {
        $axis = $this->axis($weights);
        $inertia = $this->inertia($weights);
        $members = [];
        foreach ($this->parts as $i => $part) {
            $members[] = [$part->id, $part->section, $weights[$i], $part->yield / $safety];
        }
        if ($this->butt > 0.0 || $members === []) {
            $members[] = ['butt', $this->rail, $this->butt, $heatFactor * $yield / $safety];
        }

        return array_map(function (array $one) use ($axis, $inertia): array {
            [$id, $section, $weight, $allowable] = $one;
            $stress = $this->moment / $inertia * $section->reach($axis);

            return ['id' => $id, 'developedShare' => $weight, 'momentShare' => $weight * $section->inertiaAbout($axis) / $inertia, 'stress' => $stress, 'allowable' => $allowable, 'utilisation' => $stress / $allowable];
        }, $members);
    }

    /**
     * @param  list<float>  $weights
     * @return list<array{StackedRectangles, float}>
     */
    private function members(array $weights): array
    {
        return [[$this->rail, $this->butt], ...array_map(fn (SplicePart $part, float $weight): array => [$part->section, $weight], $this->parts, $weights)];
    }
}
