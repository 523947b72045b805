<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Calculators\Mounts\MountFields;

/** Mounts between those that stay. */
final class MountsRequest extends PlaceRequest
{
    protected function fields(): array
    {
        return MountFields::along();
    }
}
