<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Instrument;

/** The tools of the trade, with the reading kinds each takes. */
enum InstrumentKind: string
{
    case TramBar = 'tram-bar';
    case Tape = 'tape';
    case PlumbBob = 'plumb-bob';
    case HeightStaff = 'height-staff';
    case Level = 'level';
    case Dial = 'dial';

    /** @return list<string> names of reading kinds */
    public function reads(): array
    {
        return match ($this) {
            self::TramBar => ['tram', 'plan'],
            self::Tape => ['tram', 'plan', 'station', 'offset', 'height'],
            self::PlumbBob => ['offset', 'station', 'plan'],
            self::HeightStaff => ['height', 'rise'],
            self::Level => ['slope'],
            // It reads a shaft, not a frame.
            self::Dial => [],
        };
    }

    public function words(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    public function readsAngles(): bool
    {
        return $this === self::Level;
    }
}
