<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Plan\Stand\StandFields;

/** Posts that the halves stand on. */
final class StandRequest extends PlaceRequest
{
    protected function fields(): array
    {
        return StandFields::all();
    }
}
