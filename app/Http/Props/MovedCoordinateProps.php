<?php

declare(strict_types=1);

namespace App\Http\Props;

/** One coordinate of a point, from survey to survey; mm. */
final readonly class MovedCoordinateProps
{
    /** @param  list<StageMovementProps>  $stages */
    public function __construct(public string $point, public string $axis, public array $stages, public StageMovementProps $whole) {}
}
