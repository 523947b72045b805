<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

use Geodex\Core\Frame\Side;

/** The rail, or the rails, that something is of. */
enum RailSide: string
{
    case Both = 'both';
    case Left = 'left';
    case Right = 'right';

    /** Between the rails, on the centreline. */
    case Centre = 'centre';

    /** @return list<string> */
    public static function ofRails(): array
    {
        return [self::Both->value, self::Left->value, self::Right->value];
    }

    /** @return list<string> */
    public static function words(): array
    {
        return array_map(fn (self $one): string => $one->value, self::cases());
    }

    public function is(Side $side): bool
    {
        return $this === self::Both || $this->value === $side->value;
    }

    public function meets(self $other): bool
    {
        return $this === self::Both || $other === self::Both || $this === $other;
    }

    /** @return list<Side> */
    public function sides(): array
    {
        return match ($this) {
            self::Both => [Side::Left, Side::Right],
            self::Left => [Side::Left],
            self::Right => [Side::Right],
            self::Centre => [Side::Centre],
        };
    }
}
