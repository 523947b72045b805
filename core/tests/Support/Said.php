<?php

declare(strict_types=1);

namespace Geodex\Core\Tests\Support;

use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Units\Spoken;

/** A sentence as a reader in millimetres sees it. */
final class Said
{
    public static function mm(string $sentence): string
    {
        return Spoken::in(LengthUnit::Millimetre, $sentence);
    }
}
