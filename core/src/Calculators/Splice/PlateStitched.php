<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

/** A plate on the web held by short fillets with gaps between them: soft along its edges, and slow to warp the rail. */
final readonly class PlateStitched implements SpliceSchool
{
    public static function name(): string
    {
        return 'plate-stitched';
    }

    public static function label(): string
    {
        return 'Outer plate, stitches';
    }

    public static function made(): string
    {
        return 'A plate on the back of the web, on stitches of 40 with gaps of 60 along its edges, its ends left free; the butt counts for nothing. Water creeps in between: coat it.';
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
        return [SpliceParts::stitchedPlate($site)];
    }
}
