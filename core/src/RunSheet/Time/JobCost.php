<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Time;

use Geodex\Core\Fields\Field;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;

/** What a job is expected to cost by its steps and its sheets of filler, and what it has cost so far; in the shop's own money. */
final readonly class JobCost implements HasShopDefaults
{
    /**
     * @param  float  $labour  of all steps as estimated
     * @param  float  $filler  filler and gas, by the kept sheets
     * @param  float  $taken  of the steps that were timed
     * @param  float  $estimatedOfTaken  what those were estimated at
     */
    private function __construct(public float $rate, public float $labour, public float $filler, public float $taken, public float $estimatedOfTaken) {}

    public static function shopDefaults(): array
    {
        return [self::hourly()];
    }

    /**
     * @param  float  $minutes  of all steps
     * @param  list<LoggedTime>  $logged
     */
    public static function of(Shop $shop, float $minutes, float $filler, array $logged): self
    {
        $rate = $shop->value(self::hourly());
        $cost = fn (float $of): float => $rate * $of / 60;

        return new self($rate, $cost($minutes), $filler, $cost(array_sum(array_map(fn (LoggedTime $one): float => $one->taken, $logged))), $cost(array_sum(array_map(fn (LoggedTime $one): float => $one->estimated, $logged))));
    }

    private static function hourly(): ShopDefault
    {
        return new ShopDefault('Run sheet', Field::number('hourlyRate', 'An hour of work costs')->between(0.0, 1000.0)->defaults(70.0), 'In the shop’s own money.');
    }
}
