<?php

declare(strict_types=1);

namespace Geodex\Core\Plan\Windows;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Fields\Field;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;

/** Holes, rivets and bolts: from the joint to the edge of the hole. */
final readonly class HoleClearance implements CutRule
{
    private const LEAST_MM = 25.0;

    public static function name(): string
    {
        return 'holeClearance';
    }

    public static function label(): string
    {
        return 'holes, rivets and bolts';
    }

    public static function shopDefaults(): array
    {
        return [new ShopDefault('Where to cut', Field::number('holeClearance', 'Clear of a hole\'s edge', '× its diameter')->between(0.0, 10.0)->defaults(2.0), 'Shop practice; never under 25 mm; else fill the hole, or shift the cut.')];
    }

    public function forbids(Chassis $chassis, Shop $shop, array $bends): array
    {
        $stretches = [];
        foreach ($chassis->fixtures as $one) {
            if ($one->kind->isOpening()) {
                $clear = max(self::LEAST_MM, $shop->value(self::shopDefaults()[0]) * ($one->diameter ?? 0.0));
                $stretches[] = ForbiddenStretch::around(self::name(), $one->front(), $one->rear(), $clear, $one->called(), $shop->whose(self::shopDefaults()[0]));
            }
        }

        return $stretches;
    }
}
