<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Chassis\Loads\MovingLoad;

/** A mass that moves along the frame. */
final class MovingLoadRequest extends PlaceRequest
{
    protected function fields(): array
    {
        return MovingLoad::fields();
    }
}
