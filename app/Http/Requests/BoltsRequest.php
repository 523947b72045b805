<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Calculators\Mounts\MountBolts;

/** The bolts of a mount. */
final class BoltsRequest extends PlaceRequest
{
    protected function fields(): array
    {
        return MountBolts::fields();
    }
}
