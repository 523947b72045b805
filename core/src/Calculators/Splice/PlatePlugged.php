<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

/** A plate outside on plugs alone. */
final readonly class PlatePlugged implements SpliceSchool
{
    public static function name(): string
    {
        return 'plate-plugs';
    }

    public static function label(): string
    {
        return 'Outer plate, plugs, ends free';
    }

    public static function made(): string
    {
        return 'A plate on the back of the web on plugs, edges and ends free, over a butt that is ground flush and counts for nothing.';
    }

    public static function weldsFlange(): bool
    {
        return false;
    }

    public static function jointClass(SpliceSite $site): float
    {
        return 80.0;
    }

    public static function endClass(): float
    {
        return 80.0;
    }

    public static function weldsInside(): bool
    {
        return false;
    }

    public static function butt(SpliceSite $site): float
    {
        return 0.0;
    }

    public function parts(SpliceSite $site): array
    {
        return [SpliceParts::webPlate($site, fillets: false)];
    }
}
