<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

/** A plate outside on plugs and on fillets along its edges. */
final readonly class PlateWelded implements SpliceSchool
{
    public static function name(): string
    {
        return 'plate-welded';
    }

    public static function label(): string
    {
        return 'Outer plate, plugs and edges';
    }

    public static function made(): string
    {
        return 'A plate on the back of the web on plugs and fillets along its edges, short of its ends; the butt counts for nothing.';
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
        return 56.0;
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
        return [SpliceParts::webPlate($site, fillets: true)];
    }
}
