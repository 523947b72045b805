<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Frame\Side;
use Geodex\Core\Structure\Section;
use Geodex\Core\Structure\SectionProperties;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/** One rail cut square at a station: its outline, what it has in bending and torsion, and what is known of its steel. */
final readonly class RailSection implements HasProvenance
{
    /** @param  float  $lost  taken off every face (mm) */
    private function __construct(public Rail $rail, public Side $side, public float $station, public float $depth, public float $width, public float $lost, public Section $section, public SectionProperties $properties) {}

    /** @throws InvalidFields if loss leaves no wall */
    public static function of(Rail $rail, Side $side, float $station, float $lost): self
    {
        $section = $rail->section($station, $lost);

        return new self(rail: $rail, side: $side, station: $station, depth: $rail->depth($station), width: $rail->width(), lost: $lost, section: $section, properties: new SectionProperties($section));
    }

    public static function provenance(): array
    {
        return [
            new Provenance('section', 'Section of a rail', 'polygon integrals of its outline; what was measured missing is taken off every face', 'Parallel-axis theorem; torsion: Roark, Bredt', 'Thin walls, one cell, no warping. Holes of features are not taken out of it.'),
        ];
    }

    /** The lesser of top and bottom (mm³). */
    public function modulus(): float
    {
        return min($this->properties->top, $this->properties->bottom);
    }

    /** Moment at yield of one rail (N·m); null where the yield is not given. */
    public function resistingMoment(): ?float
    {
        return $this->rail->yield === null ? null : $this->rail->yield * $this->modulus() / 1000;
    }
}
