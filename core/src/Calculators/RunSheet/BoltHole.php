<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

/** One bolt of a pattern that has to enter two parts. */
final readonly class BoltHole
{
    /**
     * @param  array{float, float}  $at  mm
     * @param  float  $play  how far its two holes may be apart, mm
     * @param  float  $sigma  of that distance, for each coordinate, mm
     * @param  array{float, float}  $deviation  mismatch already known, mm
     */
    public function __construct(public string $id, public array $at, public float $play, public float $sigma, public array $deviation) {}
}
