<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

use Geodex\Core\Failure\Refusal;

/** A kind of reading that Geodex does not know. */
final class UnknownReadingKind extends Refusal
{
    /** @param  list<string>  $known */
    public static function named(string $name, array $known): self
    {
        return new self('reading.unknown-kind', "There is no reading of kind “{$name}”; use ".implode(', ', $known).'.', ['kind' => $name, 'known' => $known]);
    }
}
