<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

/** A sleeve on plugs alone: soft ends, all through the plugs. */
final readonly class SleevePlugged implements SpliceSchool
{
    public static function name(): string
    {
        return 'sleeve-plugs';
    }

    public static function label(): string
    {
        return 'Sleeve, plugs, ends free';
    }

    public static function made(): string
    {
        return 'A folded channel inside, plug-welded through the web, its edges and ends left free; the butt counts for nothing.';
    }

    public static function weldsFlange(): bool
    {
        return false;
    }

    public static function jointClass(SpliceSite $site): float
    {
        return 71.0;
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
        return [SpliceParts::sleeve($site, fillets: false)];
    }
}
