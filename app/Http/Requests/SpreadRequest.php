<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Plan\Stand\SpreadGuide;

/** Readings across the gap of a cut. */
final class SpreadRequest extends PlaceRequest
{
    protected function fields(): array
    {
        return SpreadGuide::fields();
    }
}
