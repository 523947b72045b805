<?php

declare(strict_types=1);

namespace Geodex\Core\Plan\Windows;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\FixtureKind;
use Geodex\Core\Fields\Field;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;

/** What stands where a torch and a hand have to reach the joint; taken off first, it is no hindrance. */
final readonly class AccessInside implements CutRule
{
    private const IN_THE_WAY = [FixtureKind::Tank, FixtureKind::Bracket, FixtureKind::EngineMount, FixtureKind::GearboxMount, FixtureKind::BodyMount];

    public static function name(): string
    {
        return 'accessInside';
    }

    public static function label(): string
    {
        return 'room for torch and hand';
    }

    public static function shopDefaults(): array
    {
        return [new ShopDefault('Where to cut', Field::length('accessInside', 'Room for torch and hand beside a joint')->between(0.0, 1000.0)->defaults(150.0), 'Shop practice: 150 by 150 mm, or the thing is taken off first.')];
    }

    /** mm, either way. */
    public static function room(Shop $shop): float
    {
        return $shop->value(self::shopDefaults()[0]);
    }

    public function forbids(Chassis $chassis, Shop $shop, array $bends): array
    {
        $stretches = [];
        foreach ($chassis->fixtures as $one) {
            if (in_array($one->kind, self::IN_THE_WAY, true)) {
                $stretches[] = ForbiddenStretch::around(self::name(), $one->front(), $one->rear(), $shop->value(self::shopDefaults()[0]) / 2, $one->called().', unless it comes off', $shop->whose(self::shopDefaults()[0]));
            }
        }

        return $stretches;
    }
}
