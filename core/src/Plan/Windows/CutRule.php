<?php

declare(strict_types=1);

namespace Geodex\Core\Plan\Windows;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\Shop;

/** A rule of where rails are not cut, with its usual value and where that is from. A new one is a new class, entered in CutRules. */
interface CutRule extends HasShopDefaults
{
    public static function name(): string;

    /** What it keeps clear of, in a few words. */
    public static function label(): string;

    /**
     * @param  list<array{float, float}>  $bends  stations between which the charted line of the rails is not straight (mm)
     * @return list<ForbiddenStretch>
     */
    public function forbids(Chassis $chassis, Shop $shop, array $bends): array;
}
