<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

/** Height above the levelled bench. Design equation l + v = z. */
final readonly class HeightReading implements ReadingKind
{
    use ReadsOnePoint;

    public static function name(): string
    {
        return 'height';
    }

    public static function letter(): string
    {
        return 'h';
    }

    public static function label(): string
    {
        return 'height above the bench';
    }

    public static function example(): string
    {
        return 'h BL 212.5';
    }

    public static function usualSigma(): float
    {
        return 1.0;
    }

    public static function tellsHeight(): bool
    {
        return true;
    }

    public static function coordinate(): int
    {
        return 2;
    }

    public function linearise(array $at): DesignRow
    {
        return new DesignRow($at[$this->point]->z, [0.0, 0.0, 1.0]);
    }

    public function implausible(float $value): ?string
    {
        return FrameLimits::height($value);
    }
}
