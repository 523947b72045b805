<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

/** What a line of a part's drawing means; its layer in a file. */
enum Layer: string
{
    case Cut = 'CUT';
    case Inner = 'CUT_INNER';
    case Mark = 'MARK';
    case Bend = 'BEND';
    case Drill = 'DRILL';
    case Seam = 'SEAM';
    case Centre = 'CENTRE';
    case Text = 'TEXT';

    /** Index of its colour in a DXF file. */
    public function colour(): int
    {
        return match ($this) {
            self::Cut => 7, self::Inner => 1, self::Mark => 3, self::Bend => 5, self::Drill => 6, self::Seam => 4, self::Centre => 8, self::Text => 2,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Cut => 'cut', self::Inner => 'cut inside', self::Mark => 'mark', self::Bend => 'bend', self::Drill => 'drill', self::Seam => 'weld along', self::Centre => 'centre line', self::Text => 'text',
        };
    }
}
