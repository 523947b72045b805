<?php

declare(strict_types=1);

namespace Geodex\Core\Plan\Windows;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\FixtureKind;
use Geodex\Core\Fields\Field;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;

/** Another weld; one that runs across the rail, as a butt does, is a joint already. */
final readonly class WeldClearance implements CutRule
{
    use OfDepths;

    public static function name(): string
    {
        return 'weldClearance';
    }

    public static function label(): string
    {
        return 'other welds';
    }

    public static function shopDefaults(): array
    {
        return [
            new ShopDefault('Where to cut', Field::length('weldClearance', 'Clear of another weld\'s toe')->between(0.0, 1000.0)->defaults(25.0), 'Shop practice.'),
            self::spacing(),
        ];
    }

    public function forbids(Chassis $chassis, Shop $shop, array $bends): array
    {
        $stretches = [];
        foreach ($chassis->fixtures as $one) {
            if ($one->kind === FixtureKind::Weld) {
                // A weld without length runs across the rail: two butts stand a depth apart.
                $default = $one->length > 0.0 ? self::shopDefaults()[0] : self::spacing();
                $clear = $one->length > 0.0 ? $shop->value($default) : max(200.0, $shop->value($default) * self::depth($chassis, $one->side, $one->station));
                $stretches[] = ForbiddenStretch::around(self::name(), $one->front(), $one->rear(), $clear, $one->called(), $shop->whose($default));
            }
        }

        return $stretches;
    }

    private static function spacing(): ShopDefault
    {
        return new ShopDefault('Where to cut', Field::number('buttSpacing', 'Two butts in one rail apart', '× web depth')->between(0.0, 10.0)->defaults(1.0), 'Shop practice; never under 200 mm; also the shortest insert.');
    }
}
