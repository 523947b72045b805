<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

/** Distance right of the bench centreline. Design equation l + v = y. */
final readonly class OffsetReading implements ReadingKind
{
    use ReadsOnePoint;

    public static function name(): string
    {
        return 'offset';
    }

    public static function letter(): string
    {
        return 'o';
    }

    public static function label(): string
    {
        return 'distance right of the bench centreline';
    }

    public static function example(): string
    {
        return 'o BL -390';
    }

    public static function usualSigma(): float
    {
        return 1.5;
    }

    public static function coordinate(): int
    {
        return 1;
    }

    public function linearise(array $at): DesignRow
    {
        return new DesignRow($at[$this->point]->y, [0.0, 1.0, 0.0]);
    }

    public function implausible(float $value): ?string
    {
        return FrameLimits::offset($value);
    }
}
