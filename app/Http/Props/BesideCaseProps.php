<?php

declare(strict_types=1);

namespace App\Http\Props;

/** One section under a load beside it; mm, N·m, degrees, MPa. */
final readonly class BesideCaseProps
{
    public function __construct(public string $torsion, public float $lever, public float $torque, public float $twist, public bool $smallAngle, public float $shearStress) {}

    /** @param  array<string, mixed>  $told  by the calculator “torsion” */
    public static function from(array $told): self
    {
        /** @var array{torsion: string, lever: float, torque: float, twist: float, smallAngle: bool, shearStress: float} $told */
        return new self($told['torsion'], abs($told['lever']), abs($told['torque']), abs($told['twist']), $told['smallAngle'], $told['shearStress']);
    }
}
