<?php

declare(strict_types=1);

namespace Geodex\Core\Plan\Windows;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Words\Sentence;

/** Heat-treated rails are not cut and welded at all. */
final readonly class NoHeat implements CutRule
{
    public static function name(): string
    {
        return 'heatTreated';
    }

    public static function label(): string
    {
        return 'heat-treated rails';
    }

    public static function shopDefaults(): array
    {
        return [];
    }

    public function forbids(Chassis $chassis, Shop $shop, array $bends): array
    {
        $stretches = [];
        foreach ($chassis->rails as $rail) {
            if ($rail->steel->refusesHeat()) {
                $stretches[] = ForbiddenStretch::everywhere(self::name(), $rail->from, $rail->to, Sentence::of('cut.heat-treated', 'rail {rail} is heat-treated: it takes no weld; only bolted, as its maker describes', rail: $rail->id()));
            }
        }

        return $stretches;
    }
}
