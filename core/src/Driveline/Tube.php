<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

/** The tube of the shaft (mm). The wall is often known only once it is cut, so it may be missing. */
final readonly class Tube
{
    public function __construct(public float $outside, public ?float $wall, public ?float $kerf = null, public ?float $gap = null)
    {
        if (! is_finite($outside) || $outside <= 0.0) {
            throw InvalidShaft::because('tube', 'its outside diameter must be more than zero.');
        }
        if ($wall !== null && (! is_finite($wall) || $wall <= 0.0 || 2 * $wall >= $outside)) {
            throw InvalidShaft::because('tube', sprintf('a wall of %s mm does not fit in a diameter of %s mm.', $wall, $outside));
        }
        foreach (['kerf' => $kerf, 'root gap' => $gap] as $what => $mm) {
            if ($mm !== null && (! is_finite($mm) || $mm < 0.0 || $mm > 20.0)) {
                throw InvalidShaft::because('tube', "the $what must be 0 to 20 mm.");
            }
        }
    }
}
