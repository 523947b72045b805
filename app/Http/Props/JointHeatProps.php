<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\RunSheet\JointHeat;

/** How warm a joint is estimated to be; °C, s. */
final readonly class JointHeatProps
{
    /** @param  ?float  $wait  until the next run may follow; null where that is hours away */
    public function __construct(public string $joint, public float $temperature, public float $low, public float $high, public float $limit, public ?float $wait) {}

    public static function from(string $joint, JointHeat $heat): self
    {
        return new self($joint, $heat->temperature, $heat->low, $heat->high, $heat->limit, $heat->waitSeconds);
    }
}
