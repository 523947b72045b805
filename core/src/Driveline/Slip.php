<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

/** The slip joint: how far it can slide in, how far it is to be in at ride height, and how much must stay in at droop (mm). */
final readonly class Slip
{
    public function __construct(public float $possible, public float $wanted, public float $min, public bool $minIsGiven = true)
    {
        foreach ([$possible, $wanted, $min] as $mm) {
            if (! is_finite($mm) || $mm < 0.0) {
                throw InvalidShaft::because('slip joint', 'engagements are lengths of 0 mm or more.');
            }
        }
        if ($wanted > $possible) {
            throw InvalidShaft::because('slip joint', sprintf('the engagement wanted at ride height (%.0f mm) is more than is possible (%.0f mm).', $wanted, $possible));
        }
    }
}
