<?php

declare(strict_types=1);

namespace Geodex\Core\Units;

use Geodex\Core\Failure\Refusal;

/** A number that is no length, angle or uncertainty at all. */
final class InvalidQuantity extends Refusal
{
    public static function notFinite(string $what): self
    {
        return new self('quantity.not-finite', "$what must be a finite number.", ['what' => $what]);
    }

    public static function tooLong(float $mm, float $limit): self
    {
        return new self('quantity.too-long', sprintf('Nothing on a vehicle is %g mm long (limit %g mm); check the unit and the decimal point.', $mm, $limit), ['mm' => $mm]);
    }

    public static function notPositive(string $what, float $value): self
    {
        return new self('quantity.not-positive', sprintf('%s must be more than zero, not %s.', $what, $value), ['what' => $what, 'value' => $value]);
    }

    public static function covariance(int $size): self
    {
        return new self('quantity.covariance', "A covariance of so many points is a table of $size rows and columns of mm², symmetric, with no negative variance.", ['size' => $size]);
    }
}
