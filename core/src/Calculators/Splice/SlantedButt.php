<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

/** The rail cut on a slant through web and flanges: the weld is longer by 1/cos φ and pulled square by cos² φ of the stress alone. */
final readonly class SlantedButt implements SpliceSchool
{
    public static function name(): string
    {
        return 'slanted';
    }

    public static function label(): string
    {
        return 'Butt on a slant';
    }

    public static function made(): string
    {
        return 'Both halves cut on a slant through web and flanges and butted with full penetration; along the rail everything counts over the cosine of the slant, kerf and gap too.';
    }

    public static function weldsFlange(): bool
    {
        return true;
    }

    public static function jointClass(SpliceSite $site): float
    {
        return 80.0 / cos(deg2rad($site->slant)) ** 2;
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
        return min(1.0, $site->butt / cos(deg2rad($site->slant)) ** 2);
    }

    public function parts(SpliceSite $site): array
    {
        return [];
    }
}
