<?php

declare(strict_types=1);

namespace App\Http\Props;

/** Readings in walking order round the frame. */
final readonly class TourProps
{
    /** @param  list<NextProps>  $readings */
    public function __construct(public array $readings, public float $metres) {}
}
