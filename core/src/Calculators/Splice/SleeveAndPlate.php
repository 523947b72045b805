<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

/** Inside and outside at once. */
final readonly class SleeveAndPlate implements SpliceSchool
{
    public static function name(): string
    {
        return 'both';
    }

    public static function label(): string
    {
        return 'Sleeve and outer plate';
    }

    public static function made(): string
    {
        return 'Both, plugs and fillets along the edges, their ends staggered by half a depth; the butt counts for nothing.';
    }

    public static function weldsFlange(): bool
    {
        return true;
    }

    public static function jointClass(SpliceSite $site): float
    {
        return 71.0;
    }

    public static function endClass(): float
    {
        return 56.0;
    }

    public static function weldsInside(): bool
    {
        return true;
    }

    public static function butt(SpliceSite $site): float
    {
        return 0.0;
    }

    public function parts(SpliceSite $site): array
    {
        return [SpliceParts::sleeve($site, fillets: true), SpliceParts::webPlate($site, fillets: true)];
    }
}
