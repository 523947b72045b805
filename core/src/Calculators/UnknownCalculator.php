<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators;

use Geodex\Core\Failure\Refusal;

/** There is no calculator of that name. */
final class UnknownCalculator extends Refusal
{
    /** @param  list<string>  $known */
    public static function named(string $name, array $known): self
    {
        return new self('calculator.unknown', "There is no calculator “{$name}”; there are ".implode(', ', $known).'.', ['name' => $name]);
    }
}
