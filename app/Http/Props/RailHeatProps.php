<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Frame\Side;
use Geodex\Core\RunSheet\Heat\RailHeat;
use Geodex\Core\RunSheet\Heat\ZoneHeat;

/** How warm a rail is estimated to be about its joint; °C. */
final readonly class RailHeatProps
{
    /**
     * @param  ?float  $factor  that a thermometer put on the rises
     * @param  list<ZoneHeatProps>  $zones
     */
    public function __construct(public string $joint, public string $side, public float $limit, public ?float $factor, public array $zones) {}

    /** @param  array{joint: string, side: Side, heat: RailHeat}  $one */
    public static function from(array $one): self
    {
        return new self($one['joint'], $one['side']->value, $one['heat']->limit, $one['heat']->factor, array_map(fn (ZoneHeat $zone): ZoneHeatProps => new ZoneHeatProps($zone->zone->id(), $zone->zone->label(), $zone->temperature, $zone->low, $zone->high, $zone->wait, $zone->isCoolest), $one['heat']->zones));
    }
}
