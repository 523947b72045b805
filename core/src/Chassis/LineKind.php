<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

/** What runs along a frame. */
enum LineKind: string
{
    case Brake = 'brake';
    case Fuel = 'fuel';
    case Air = 'air';
    case Loom = 'loom';
    case Cable = 'cable';
    case Exhaust = 'exhaust';
    case Shaft = 'shaft';
    case Hose = 'hose';
    case Other = 'other';

    /** Has to be out of the way, or emptied, before there is a flame. */
    public function outBeforeHeat(): bool
    {
        return in_array($this, [self::Fuel, self::Loom, self::Hose], true);
    }

    /** What is done about its new length. */
    public function advice(): string
    {
        return match ($this) {
            self::Brake => 'make it new in one piece, flares and all; a joint in a brake line is refused by many rule books',
            self::Fuel => 'make it new, drained and out of the way before any heat',
            self::Air => 'make it new or join it with fittings of its own system',
            self::Loom => 'lengthen wire by wire with soldered and sleeved joints set apart, or with a made extension; sensor leads as their maker allows',
            self::Cable => 'order the length; a cable is not spliced',
            self::Exhaust => 'let in a piece of tube; hangers move with it',
            self::Shaft => 'worked out at the stage Running gear',
            self::Hose => 'new hose: long enough at droop and full lock, touching nothing',
            self::Other => 'see what it needs',
        };
    }
}
