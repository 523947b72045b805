<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

/** A round hole of a drawing; mm. */
final readonly class Hole
{
    /** @param  array{float, float}  $at */
    public function __construct(public Layer $layer, public array $at, public float $diameter) {}
}
