<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

/** A plate over the open side of a channel, across the joint. */
final readonly class BoxedIn implements SpliceSchool
{
    public static function name(): string
    {
        return 'boxed';
    }

    public static function label(): string
    {
        return 'Boxed across the joint';
    }

    public static function made(): string
    {
        return 'The rail butted and its open side closed by a plate over the tips, fillets along both edges and its ends left free; the butt counts as given. It stops drain and paint inside: coat before it is closed.';
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
        return false;
    }

    public static function butt(SpliceSite $site): float
    {
        return $site->butt;
    }

    public function parts(SpliceSite $site): array
    {
        return $site->kind === 'channel' ? [SpliceParts::closingPlate($site)] : [];
    }
}
