<?php

declare(strict_types=1);

namespace Geodex\Core\Plan\Windows;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\LineKind;
use Geodex\Core\Fields\Field;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;

/** Centre bearings of a shaft, which hang on a crossmember of their own. */
final readonly class ShaftClearance implements CutRule
{
    public static function name(): string
    {
        return 'shaftClearance';
    }

    public static function label(): string
    {
        return 'centre bearings of the shaft';
    }

    public static function shopDefaults(): array
    {
        return [new ShopDefault('Where to cut', Field::length('shaftClearance', 'Clear of a centre bearing')->between(0.0, 1000.0)->defaults(150.0), 'So that joint and bearing swing clear of what is welded in.')];
    }

    public function forbids(Chassis $chassis, Shop $shop, array $bends): array
    {
        $stretches = [];
        foreach ($chassis->lines as $line) {
            if ($line->kind === LineKind::Shaft) {
                foreach (array_slice($line->path, 1, -1) as [$station]) {
                    $stretches[] = ForbiddenStretch::around(self::name(), $station, $station, $shop->value(self::shopDefaults()[0]), "a centre bearing of the $line->name", $shop->whose(self::shopDefaults()[0]));
                }
            }
        }

        return $stretches;
    }
}
