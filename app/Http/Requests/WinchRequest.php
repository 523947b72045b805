<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Chassis\Loads\WinchPull;

/** The pull of a rope at the frame. */
final class WinchRequest extends PlaceRequest
{
    protected function fields(): array
    {
        return WinchPull::fields();
    }
}
