<?php

declare(strict_types=1);

namespace Geodex\Core\Plan\Windows;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Chassis\RailSide;
use Geodex\Core\Frame\Side;
use Geodex\Core\Shop\Shop;

/** Clearances that are so many depths of the web. */
trait OfDepths
{
    /**
     * @param  \Closure(Fixture): bool  $of
     * @param  float  $least  mm
     * @param  bool  $middle  from its middle, and not from the edge of its footprint
     * @return list<ForbiddenStretch>
     */
    private function around(Chassis $chassis, Shop $shop, \Closure $of, float $least, bool $middle = false): array
    {
        $default = self::shopDefaults()[0];
        $stretches = [];
        foreach (array_filter($chassis->fixtures, $of) as $one) {
            $clear = max($least, $shop->value($default) * self::depth($chassis, $one->side, $one->station));
            $stretches[] = ForbiddenStretch::around(self::name(), $middle ? $one->station : $one->front(), $middle ? $one->station : $one->rear(), $clear, $one->called(), $shop->whose($default));
        }

        return $stretches;
    }

    /** Depth of the rail there (mm); 0 where none is entered. */
    private static function depth(Chassis $chassis, RailSide $side, float $station): float
    {
        $depths = [0.0];
        foreach ($side === RailSide::Centre ? [Side::Left, Side::Right] : $side->sides() as $one) {
            $depths[] = $chassis->rail($one, $station)?->depth($station) ?? 0.0;
        }

        return max($depths);
    }
}
