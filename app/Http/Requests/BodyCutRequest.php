<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Calculators\Mounts\BodyCut;

/** A body that is cut with its frame. */
final class BodyCutRequest extends PlaceRequest
{
    protected function fields(): array
    {
        return BodyCut::fields();
    }
}
