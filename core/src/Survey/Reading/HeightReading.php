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

    public static function usualSigma(): float
    {
        return 1.0;
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
