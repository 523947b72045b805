<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Geometry\Vector3;

/** The way that a part of a frame is pulled. */
enum Way: string
{
    case Forward = 'forward';
    case Rearward = 'rearward';
    case Left = 'left';
    case Right = 'right';
    case Down = 'down';
    case Up = 'up';

    /** @param  int  $axis  0 station, 1 offset, 2 height */
    public static function along(int $axis, bool $positive): self
    {
        return [[self::Forward, self::Rearward], [self::Left, self::Right], [self::Down, self::Up]][$axis][$positive ? 1 : 0];
    }

    /** A shift of so many mm this way. */
    public function by(float $mm): Vector3
    {
        return match ($this) {
            self::Forward => Vector3::of(-$mm, 0, 0),
            self::Rearward => Vector3::of($mm, 0, 0),
            self::Left => Vector3::of(0, -$mm, 0),
            self::Right => Vector3::of(0, $mm, 0),
            self::Down => Vector3::of(0, 0, -$mm),
            self::Up => Vector3::of(0, 0, $mm),
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Left, self::Right => "to the $this->value",
            default => $this->value,
        };
    }
}
