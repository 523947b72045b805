<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Calculators\Plan\LoadBeside;

/** A load that hangs beside a rail. */
final class BesideRequest extends PlaceRequest
{
    protected function fields(): array
    {
        return LoadBeside::fields();
    }
}
