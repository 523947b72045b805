<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** Windows cut into a plate, the metal they leave about them, and what a shear force does to it. */
final readonly class PlateWindows
{
    /** @param  list<array{at: array{float, float}, length: float, height: float, cut: Contour}>  $windows */
    private function __construct(private array $windows) {}

    /**
     * @param  list<Values>  $given
     *
     * @throws InvalidFields
     */
    public static function in(Contour $plate, array $given): self
    {
        $windows = [];
        foreach ($given as $i => $one) {
            [$length, $height, $radius] = [$one->number('length'), $one->number('height'), $one->number('radius')];
            if ($radius > min($length, $height) / 2 + 1e-9) {
                throw InvalidFields::at("windows[$i].radius", sprintf('at most %g mm, half of its shorter side.', min($length, $height) / 2));
            }
            $at = [$one->numbers('at')[0], $one->numbers('at')[1]];
            $cut = Contour::ofWindow($at, $length, $height, $radius);
            $corner = $cut->loops[0][0]->from;
            if ($plate->winding($corner) !== 1 || $plate->gap($cut) < Edge::NEAR) {
                throw InvalidFields::at("windows[$i]", 'does not lie wholly in the plate.');
            }
            foreach ($windows as $k => $other) {
                if ($other['cut']->gap($cut) < Edge::NEAR || $other['cut']->winding($corner) !== 0 || $cut->winding($other['cut']->loops[0][0]->from) !== 0) {
                    throw InvalidFields::at("windows[$i]", "overlaps windows[$k].");
                }
            }
            $windows[] = ['at' => $at, 'length' => $length, 'height' => $height, 'cut' => $cut];
        }

        return new self($windows);
    }

    /** @return list<Contour> */
    public function cuts(): array
    {
        return array_column($this->windows, 'cut');
    }

    /** @return list<array{ligament: float, ok: bool, upper: float, lower: float, shearStress: ?float, bendingStress: ?float}> */
    public function judged(Contour $plate, float $least, ?float $shear, ?float $thickness): array
    {
        $judged = [];
        foreach ($this->windows as $i => $window) {
            $others = array_column(array_filter($this->windows, fn (int $k): bool => $k !== $i, ARRAY_FILTER_USE_KEY), 'cut');
            $ligament = min($plate->gap($window['cut']), ...array_map(fn (Contour $other): float => $other->gap($window['cut']), $others), ...[INF]);
            [$upper, $lower] = [$this->metal($plate, $others, $window['at'], $window['height'] / 2), $this->metal($plate, $others, $window['at'], -$window['height'] / 2)];
            $stresses = $shear === null || $thickness === null ? [null, null] : self::stresses($upper, $lower, $window['height'], $window['length'], abs($shear), $thickness);
            $judged[] = ['ligament' => $ligament, 'ok' => $ligament >= $least - 1e-9, 'upper' => $upper, 'lower' => $lower, 'shearStress' => $stresses[0], 'bendingStress' => $stresses[1]];
        }

        return $judged;
    }

    /**
     * Metal above (or below) the middle of a window, up to the edge or the next window.
     *
     * @param  list<Contour>  $others
     * @param  array{float, float}  $at
     */
    private function metal(Contour $plate, array $others, array $at, float $half): float
    {
        $ray = Edge::between([$at[0], $at[1] + $half], [$at[0], $at[1] + $half + ($half > 0.0 ? 1e6 : -1e6)]);
        $least = INF;
        foreach ([$plate, ...$others] as $contour) {
            foreach ($contour->edges() as $edge) {
                foreach (Crossings::of($ray, $edge) as $point) {
                    $least = min($least, abs($point[1] - $ray->from[1]));
                }
            }
        }

        return $least;
    }

    /**
     * τ = V Q/(I t) at the window's edge, I of both ligaments about their common axis; they also bend, each by its share of the shear over half the window.
     *
     * @return array{float, float} MPa: shear, bending
     */
    private static function stresses(float $upper, float $lower, float $height, float $length, float $shear, float $thickness): array
    {
        $apart = $height + ($upper + $lower) / 2;
        [$up, $down] = [$apart * $lower / ($upper + $lower), $apart * $upper / ($upper + $lower)];
        $inertia = $thickness * ($upper ** 3 / 12 + $upper * $up ** 2 + $lower ** 3 / 12 + $lower * $down ** 2);
        $bending = array_map(fn (float $depth): float => 6 * $shear * $depth ** 3 / ($upper ** 3 + $lower ** 3) * ($length / 2) / ($thickness * $depth ** 2), [$upper, $lower]);

        return [$shear * $thickness * $upper * $up / ($inertia * $thickness), max($bending)];
    }
}
