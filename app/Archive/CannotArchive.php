<?php

declare(strict_types=1);

namespace App\Archive;

use Geodex\Core\Failure\Refusal;

/** An archive of a shop cannot be written, read or taken in. */
final class CannotArchive extends Refusal
{
    public static function because(string $why): self
    {
        return new self('shop.archive', $why);
    }
}
