<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/** What the scribed marks either side of a cut must read before and after, on each rail (mm along the rail). */
final readonly class WitnessReading implements HasProvenance
{
    public function __construct(public string $operation, public float $distance, public float $before, public float $after) {}

    /** @param  float  $distance  of the marks from the cuts (mm) */
    public static function across(Shift $shift, float $distance): self
    {
        return new self($shift->operation, $distance, 2 * $distance + $shift->removed, 2 * $distance + $shift->inserted);
    }

    public static function provenance(): array
    {
        return [
            new Provenance('witness', 'Witness marks', 'g + what comes out + g before, g + what goes in + g after', 'docs/formulas.md, Stretch and shorten'),
        ];
    }
}
