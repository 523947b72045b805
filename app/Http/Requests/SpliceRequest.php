<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Calculators\Splice\SpliceSite;

/** Where a joint is and what is put in. */
final class SpliceRequest extends PlaceRequest
{
    protected function fields(): array
    {
        return SpliceSite::fields();
    }
}
