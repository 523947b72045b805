<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Calculators\Splice\SpliceSite;

/** A place where a rail is to be joined; mm, kN·m and kN of one rail, static. */
final readonly class SpliceSiteProps
{
    public function __construct(public float $station, public float $depth, public float $width, public float $thickness, public float $yield, public string $steel, public float $moment, public float $shear, public string $case, public float $factor, public float $length, public ?float $insert) {}

    public static function from(SpliceSite $site): self
    {
        return new self($site->station, $site->depth, $site->width, $site->thickness, $site->yield, $site->steel, $site->moment / 1000, $site->shear / 1000, $site->case->words(), $site->factor, $site->length, $site->insertLength);
    }
}
