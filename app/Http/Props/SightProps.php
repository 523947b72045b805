<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Plan\Sight;

/** How far something lies behind what a tape is hooked to (mm), ahead of it negative. */
final readonly class SightProps
{
    public function __construct(public string $hook, public float $distance) {}

    public static function from(Sight $sight): self
    {
        return new self($sight->from, $sight->distance);
    }
}
