<?php

declare(strict_types=1);

namespace Geodex\Core\Shop;

/** A class whose results rest on values of the shop. Entered in ShopDefaults. */
interface HasShopDefaults
{
    /** @return list<ShopDefault> */
    public static function shopDefaults(): array;
}
