<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Fields\InvalidFields;

/**
 * A round tube that turns: mass, first bending speed as a beam on pins (Blevins, Formulas for Natural Frequency and Mode Shape), shear under
 * torque. A lump lowers the speed by Rayleigh's quotient with the sine shape; what it stiffens is left out. mm, kg, MPa, rev/min.
 */
final readonly class TubeShaft
{
    /** @throws InvalidFields if the wall is more than half of it */
    public function __construct(public float $outer, public float $wall, public float $modulus = 205_000.0, public float $density = 7850.0, string $path = 'wall')
    {
        if ($wall > $outer / 2) {
            throw InvalidFields::at($path, 'is more than half of the outer diameter.');
        }
    }

    public function inner(): float
    {
        return $this->outer - 2 * $this->wall;
    }

    public function mass(float $length): float
    {
        return $this->density * 1e-9 * M_PI / 4 * ($this->outer ** 2 - $this->inner() ** 2) * $length;
    }

    /** rev/min, with a lump at a share of its length. */
    public function criticalSpeed(float $length, float $lump = 0.0, float $share = 0.5): float
    {
        $bare = 60 * M_PI / 8 * sqrt($this->modulus * 1e6 / $this->density) * hypot($this->outer, $this->inner()) / 1000 / ($length / 1000) ** 2;

        return $bare / sqrt(1 + 2 * $lump * sin(M_PI * $share) ** 2 / $this->mass($length));
    }

    /** Longest that keeps a speed (mm): by halving, since the mass grows with the length. */
    public function longest(float $speed, float $lump = 0.0, float $share = 0.5): float
    {
        [$short, $long] = [1e-3, 1e6];
        for ($i = 0; $i < 200; $i++) {
            $middle = sqrt($short * $long);
            $this->criticalSpeed($middle, $lump, $share) >= $speed ? $short = $middle : $long = $middle;
        }

        return $short;
    }

    /** MPa under a torque (N·m). */
    public function shear(float $torque): float
    {
        return 16 * $torque * 1000 * $this->outer / (M_PI * ($this->outer ** 4 - $this->inner() ** 4));
    }
}
