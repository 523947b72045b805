<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Words\Sentence;

/** A cut as it falls on the rail, with what proves it; mm. */
final readonly class CutProps
{
    public function __construct(
        public string $operation,
        public float $cut,
        public float $bandEnd,
        public float $slopeDegrees,
        public float $witness,
        public float $before,
        public float $after,
        public string $what,
        public float $piece,
        public string $saw,
        public Sentence $sum,
    ) {}
}
