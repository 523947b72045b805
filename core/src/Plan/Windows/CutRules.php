<?php

declare(strict_types=1);

namespace Geodex\Core\Plan\Windows;

/** The one place where the rules of where to cut are registered. */
final readonly class CutRules
{
    /** @return list<CutRule> */
    public static function all(): array
    {
        return [new NoHeat, new HangerClearance, new CrossmemberClearance, new StraightLength, new WeldClearance, new HoleClearance, new AccessInside, new ShaftClearance];
    }
}
