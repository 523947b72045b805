<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

use Geodex\Core\Frame\Frame;

/** Which edges of two holes, bolts or pins a length was taken between. */
enum Edge: string
{
    /** The edges that face each other. */
    case Near = 'near';
    /** The edges that face away from each other. */
    case Far = 'far';

    /**
     * What to add to the length for the distance between centres: both radii, or less both radii (mm).
     *
     * @throws ImpossibleReading if the kind reads no length between two points, or a diameter is not known
     */
    public function correction(Frame $frame, ReadingKind $kind): float
    {
        if (! $kind::isDistance()) {
            throw ImpossibleReading::because('', "A {$kind::name()} is not taken edge to edge; leave out “{$this->value}”.");
        }
        $radii = 0.0;
        foreach ($kind->points() as $id) {
            $diameter = $frame->point($id)->feature?->diameter;
            if ($diameter === null) {
                throw ImpossibleReading::because('', "No diameter is known for $id, so an edge cannot be turned into its centre. Read centre to centre, or give $id a diameter in the chart.");
            }
            $radii += $diameter->mm / 2;
        }

        return $this === self::Near ? $radii : -$radii;
    }
}
