<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Heat;

use Geodex\Core\Chassis\RailSection;
use Geodex\Core\Chassis\Steel;

/** A rail unfolded about its joints: lower flange, web, upper flange; mm. */
final readonly class RailStrip
{
    /** Between passes, °C: shop defaults of the trade, by steel. */
    private const MILD = 150.0;

    private const HIGH_STRENGTH = 100.0;

    /** @param  float  $insert  length put in between the two joints; 0 for one joint */
    public function __construct(public float $thickness, private float $depth, private float $flange, public bool $isHighStrength, private float $insert = 0.0) {}

    public static function of(RailSection $section, float $insert): self
    {
        return new self($section->rail->thickness(), $section->depth, $section->width, $section->rail->steel !== Steel::Mild, $insert);
    }

    public function width(): float
    {
        return $this->depth + 2 * $this->flange;
    }

    /** No next run above it, °C. */
    public function limit(): float
    {
        return $this->isHighStrength ? self::HIGH_STRENGTH : self::MILD;
    }

    /** @return array{float, float} along the rail and across the strip */
    public function middle(Zone $zone): array
    {
        return [$zone->end === 'rear' ? $this->insert : 0.0, match ($zone->face) {
            'bottom' => $this->flange / 2,
            'web' => $this->flange + $this->depth / 2,
            'top' => 1.5 * $this->flange + $this->depth,
        }];
    }

    /** @return array{list<float>, list<float>} ends of a run across the rail, as long as the strip allows */
    public function ends(WeldRun $run): array
    {
        [$along, $across] = $this->middle($run->zone);

        return [[$along, max(0.0, $across - $run->length / 2)], [$along, min($this->width(), $across + $run->length / 2)]];
    }
}
