<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Welds;

use Geodex\Core\Calculators\RunSheet\WeldPiece;
use Geodex\Core\Geometry\Vector3;

/** How far out of balance the heat of a joint comes on the way, by one school; kJ·mm. */
final readonly class SequenceScore
{
    private function __construct(public SequenceSchool $school, public float $along, public float $sideways, public float $upright) {}

    /** @param  list<WeldPiece>  $pieces  as listed */
    public static function of(SequenceSchool $school, array $pieces, Vector3 $centre): self
    {
        $greatest = SequenceSchool::balance($centre)->along($school->order($pieces, $centre))['greatest'];

        return new self($school, $greatest['x'], $greatest['y'], $greatest['z']);
    }

    /** Sideways and up and down together: what kinks a rail and turns the frame. */
    public function worst(): float
    {
        return hypot($this->sideways, $this->upright);
    }
}
