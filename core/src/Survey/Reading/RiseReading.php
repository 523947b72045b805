<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

/** Height of the second point above the first. Design equation l + v = zQ − zP. */
final readonly class RiseReading implements ReadingKind
{
    use ReadsTwoPoints;

    public static function name(): string
    {
        return 'rise';
    }

    public static function letter(): string
    {
        return 'r';
    }

    public static function label(): string
    {
        return 'height of the second point above the first';
    }

    public static function example(): string
    {
        return 'r BL BR -3';
    }

    public static function usualSigma(): float
    {
        return 1.0;
    }

    public static function tellsHeight(): bool
    {
        return true;
    }

    /** From the other end it has the other sign. */
    public function repeatKey(): string
    {
        return self::name().' '.implode(' ', $this->points());
    }

    public function linearise(array $at): DesignRow
    {
        return new DesignRow($at[$this->to]->z - $at[$this->from]->z, [0.0, 0.0, -1.0, 0.0, 0.0, 1.0]);
    }

    public function implausible(float $value): ?string
    {
        return FrameLimits::height($value);
    }
}
