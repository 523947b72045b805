<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Structure\StackedRectangles;

/** The rail alone where each part of a splice ends, less the holes there, and how its stiffness steps. */
final readonly class SpliceRailEnds
{
    /**
     * @param  list<SplicePart>  $parts
     * @param  list<array{x: float, diameter: float, rectangle: array{float, float, float}}>  $holes
     * @param  float  $moment  at the joint, N·mm
     * @param  float  $shear  N: how the moment grows rearward
     */
    public function __construct(private StackedRectangles $rail, private array $parts, private array $holes, private float $moment, private float $shear, private float $dynamicFactor) {}

    /** @return list<array{side: string, x: float, parts: list<string>, moment: float, netInertia: float, inertiaLoss: float, stress: float, allowable: float, utilisation: float, stiffnessStep: float}> */
    public function all(float $allowable): array
    {
        $ends = [];
        foreach (['front' => -1, 'rear' => 1] as $side => $way) {
            $lengths = array_values(array_unique(array_map(fn (SplicePart $one): float => $one->on($side)->length, $this->parts), SORT_REGULAR));
            sort($lengths);
            foreach ($lengths as $length) {
                $ends[] = $this->end($side, $way * $length, $length, $allowable);
            }
        }

        return $ends;
    }

    /** @return array{side: string, x: float, parts: list<string>, moment: float, netInertia: float, inertiaLoss: float, stress: float, allowable: float, utilisation: float, stiffnessStep: float} */
    private function end(string $side, float $x, float $length, float $allowable): array
    {
        $holes = array_values(array_filter($this->holes, fn (array $hole): bool => abs($hole['x'] - $x) <= $hole['diameter']));
        $net = $this->rail->without(array_column($holes, 'rectangle'));
        if ($net->area <= 0.0 || $net->inertia <= 0.0) {
            throw InvalidFields::at('rail.holes', sprintf('leave nothing of the rail at %g mm.', $x));
        }
        $moment = abs($this->moment + $this->shear * $x) * $this->dynamicFactor;
        $stress = $moment * $this->rail->reach($net->axis) / $net->inertia;
        $reaching = fn (float $past): float => $this->rail->with(...array_map(fn (SplicePart $one): StackedRectangles => $one->section, array_filter($this->parts, fn (SplicePart $one): bool => $one->on($side)->length > $past)))->inertia;

        return [
            'side' => $side, 'x' => $x, 'parts' => array_values(array_map(fn (SplicePart $one): string => $one->id, array_filter($this->parts, fn (SplicePart $one): bool => $one->on($side)->length === $length))),
            'moment' => $moment / 1000, 'netInertia' => $net->inertia, 'inertiaLoss' => 1 - $net->inertia / $this->rail->inertia,
            'stress' => $stress, 'allowable' => $allowable, 'utilisation' => $stress / $allowable, 'stiffnessStep' => $reaching($length * (1 - 1e-12)) / $reaching($length) - 1,
        ];
    }
}
