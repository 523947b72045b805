<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

/** Whether a value keeps its limit. One exactly at its limit does; where value or limit is not given, so is the state. */
final readonly class Limit
{
    private const AT = 1e-9;

    /** @return 'in'|'out'|'not given' */
    public static function atLeast(?float $value, ?float $least): string
    {
        return $value === null || $least === null ? 'not given' : ($value >= $least - self::AT ? 'in' : 'out');
    }

    /** @return 'in'|'out'|'not given' */
    public static function atMost(?float $value, ?float $most): string
    {
        return $value === null || $most === null ? 'not given' : ($value <= $most + self::AT ? 'in' : 'out');
    }

    /** @return 'in'|'over'|'not given' */
    public static function over(?float $value, ?float $most): string
    {
        return self::atMost($value, $most) === 'out' ? 'over' : self::atMost($value, $most);
    }

    /**
     * Against an uncertainty: in or out only where two sigmas do not straddle the limit.
     *
     * @return 'in'|'out'|'unsure'
     */
    public static function within(float $off, float $sigma, float $limit): string
    {
        return match (true) {
            abs($off) + 2 * $sigma <= $limit + self::AT => 'in',
            abs($off) - 2 * $sigma > $limit + self::AT => 'out',
            default => 'unsure',
        };
    }
}
