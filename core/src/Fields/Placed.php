<?php

declare(strict_types=1);

namespace Geodex\Core\Fields;

/** A station given from something else: where that is now, and the words it was given in, which are what is kept. */
final readonly class Placed
{
    /** @param  float  $mm  station */
    public function __construct(public float $mm, public string $text) {}
}
