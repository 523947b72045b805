<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Fields\Field;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;
use Geodex\Core\Structure\ButtJoint;

/**
 * What a butt joint draws in where nobody measured it: a share of A/t and a share of the root gap. 0.10 and 0 is Blodgett, Design of
 * Welded Structures; 0.20 and 0.05 is the AWS Welding Handbook after Spraragen and Ettinger. They differ by a factor of two, so the
 * shop says which.
 */
final readonly class JointShrinkage implements HasShopDefaults
{
    public function __construct(private Shop $shop) {}

    public static function shopDefaults(): array
    {
        return [self::ofArea(), self::ofGap()];
    }

    /** mm; a joint without a root gap is taken to draw in nothing. */
    public function of(float $gap, float $wall): float
    {
        return $gap <= 0.0 ? 0.0 : $this->shop->value(self::ofArea()) * (new ButtJoint(gap: $gap, thickness: $wall))->area / $wall + $this->shop->value(self::ofGap()) * $gap;
    }

    private static function ofArea(): ShopDefault
    {
        return new ShopDefault('Cutting', Field::number('shrinkageOfArea', 'A joint draws in, times weld area over wall')->between(0.0, 1.0)->defaults(0.10), '0.10 by average width (Blodgett, Design of Welded Structures); 0.20 by area and gap (AWS Welding Handbook). Your own measured value comes first.');
    }

    private static function ofGap(): ShopDefault
    {
        return new ShopDefault('Cutting', Field::number('shrinkageOfGap', 'and times the root gap')->between(0.0, 1.0)->defaults(0.0), '0 by average width; 0.05 by area and gap.');
    }
}
