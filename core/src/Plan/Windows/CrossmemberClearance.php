<?php

declare(strict_types=1);

namespace Geodex\Core\Plan\Windows;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Fields\Field;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;

/** Crossmembers and the gussets beside them. */
final readonly class CrossmemberClearance implements CutRule
{
    use OfDepths;

    private const LEAST_MM = 100.0;

    public static function name(): string
    {
        return 'crossmemberClearance';
    }

    public static function label(): string
    {
        return 'crossmembers';
    }

    public static function shopDefaults(): array
    {
        return [new ShopDefault('Where to cut', Field::number('crossmemberClearance', 'Clear of crossmembers and their gussets', '× web depth')->between(0.0, 10.0)->defaults(1.0), 'Shop practice; never under 100 mm.')];
    }

    public function forbids(Chassis $chassis, Shop $shop, array $bends): array
    {
        return $this->around($chassis, $shop, fn (Fixture $one): bool => $one->kind->bracesRails(), self::LEAST_MM);
    }
}
