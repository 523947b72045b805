<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

/** Distance along the bench from its zero, positive rearward. Design equation l + v = x. */
final readonly class StationReading implements ReadingKind
{
    use ReadsOnePoint;

    public static function name(): string
    {
        return 'station';
    }

    public static function letter(): string
    {
        return 'x';
    }

    public static function label(): string
    {
        return 'distance along the bench';
    }

    public static function example(): string
    {
        return 'x BL 1500';
    }

    public static function usualSigma(): float
    {
        return 1.5;
    }

    public static function coordinate(): int
    {
        return 0;
    }

    public function linearise(array $at): DesignRow
    {
        return new DesignRow($at[$this->point]->x, [1.0, 0.0, 0.0]);
    }

    public function implausible(float $value): ?string
    {
        return FrameLimits::station($value);
    }
}
