<?php

declare(strict_types=1);

namespace Geodex\Core\Plan\Windows;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Fields\Field;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;

/** Where the springs and the steering put their forces in. */
final readonly class HangerClearance implements CutRule
{
    use OfDepths;

    public static function name(): string
    {
        return 'hangerClearance';
    }

    public static function label(): string
    {
        return 'spring hangers, links and steering box';
    }

    public static function shopDefaults(): array
    {
        return [new ShopDefault('Where to cut', Field::number('hangerClearance', 'Clear of hangers, links and steering box', '× web depth')->between(0.0, 10.0)->defaults(3.0), 'Shop practice; the vehicle maker\'s body-builder instruction comes first.')];
    }

    public function forbids(Chassis $chassis, Shop $shop, array $bends): array
    {
        return $this->around($chassis, $shop, fn (Fixture $one): bool => $one->kind->isSuspension(), 0.0, middle: true);
    }
}
