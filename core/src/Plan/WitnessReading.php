<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/** What the scribed marks either side of a cut must read before and after, on each rail (mm along the rail). */
final readonly class WitnessReading implements HasProvenance
{
    public function __construct(public string $operation, public float $distance, public float $before, public float $after) {}

    public static function provenance(): array
    {
        return [
            new Provenance('witness', 'Witness marks', 'stretch: g + g before, g + s + g after; shorten: g + s + g before, g + g after', 'docs/formulas.md, Stretch and shorten'),
        ];
    }
}
