<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Bench\Jig;

/** Size and screws of the bench; mm. */
final readonly class JigProps
{
    public function __construct(public ?float $length, public ?float $width, public float $pitch, public float $travel, public bool $clockwiseRaises, public float $tolerance) {}

    public static function from(Jig $jig): self
    {
        return new self(length: $jig->length, width: $jig->width, pitch: $jig->pitch, travel: $jig->travel, clockwiseRaises: $jig->clockwiseRaises, tolerance: $jig->tolerance);
    }
}
