<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

/** A sleeve on plugs and on fillets along its edges. */
final readonly class SleeveWelded implements SpliceSchool
{
    public static function name(): string
    {
        return 'sleeve-welded';
    }

    public static function label(): string
    {
        return 'Sleeve, plugs and edges';
    }

    public static function made(): string
    {
        return 'A folded channel inside, plugs and fillets along its edges, short of its ends; the butt counts for nothing.';
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
        return [SpliceParts::sleeve($site, fillets: true)];
    }
}
