<?php

declare(strict_types=1);

namespace Geodex\Core\Frame;

use Geodex\Core\Units\InvalidQuantity;
use Geodex\Core\Units\Length;

/** The hole, bolt, pin, edge or ball that marks a point. */
final readonly class Feature
{
    /** @throws InvalidQuantity if a diameter is given and not more than zero */
    public function __construct(public FeatureKind $kind, public ?Length $diameter = null)
    {
        if ($diameter !== null && $diameter->mm <= 0.0) {
            throw InvalidQuantity::notPositive('The diameter of a feature', $diameter->mm);
        }
    }
}
