<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Calculators\Mounts\MountFields;

/** Brackets of a body or subframe. */
final class BracketsRequest extends PlaceRequest
{
    protected function fields(): array
    {
        return MountFields::brackets();
    }
}
