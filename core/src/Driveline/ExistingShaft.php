<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

/** The shaft on the bench: its length between joint centres when the slip joint is engaged by $engagement (mm). */
final readonly class ExistingShaft
{
    public function __construct(public float $length, public float $engagement)
    {
        if (! is_finite($length) || $length < 50.0 || ! is_finite($engagement) || $engagement < 0.0) {
            throw InvalidShaft::because('on the bench', 'give its length between joint centres (at least 50 mm) and its engagement (0 or more).');
        }
    }

    /** Length with the slip just pulled apart. */
    public function pulledApart(): float
    {
        return $this->length + $this->engagement;
    }
}
