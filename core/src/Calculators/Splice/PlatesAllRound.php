<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

/** Plates on three sides. */
final readonly class PlatesAllRound implements SpliceSchool
{
    public static function name(): string
    {
        return 'all-round';
    }

    public static function label(): string
    {
        return 'Plates on web and flanges';
    }

    public static function made(): string
    {
        return 'A plate on the web and one on each flange, fillets along their edges; the butt counts for nothing. Where the maker allows welds on a flange.';
    }

    public static function weldsFlange(): bool
    {
        return true;
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
        return [SpliceParts::webPlate($site, fillets: true), ...SpliceParts::flangePlates($site)];
    }
}
