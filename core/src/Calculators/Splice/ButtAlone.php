<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

/** The rail welded to itself, and trusted only where the weld was inspected. */
final readonly class ButtAlone implements SpliceSchool
{
    public static function name(): string
    {
        return 'butt';
    }

    public static function label(): string
    {
        return 'Butt alone';
    }

    public static function made(): string
    {
        return 'Both halves butted with full penetration, root and cap inspected; nothing beside it.';
    }

    public static function weldsFlange(): bool
    {
        return true;
    }

    public static function jointClass(SpliceSite $site): float
    {
        return 80.0;
    }

    public static function endClass(): ?float
    {
        return null;
    }

    public static function weldsInside(): bool
    {
        return false;
    }

    public static function butt(SpliceSite $site): float
    {
        return $site->butt;
    }

    public function parts(SpliceSite $site): array
    {
        return [];
    }
}
