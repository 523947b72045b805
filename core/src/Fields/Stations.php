<?php

declare(strict_types=1);

namespace Geodex\Core\Fields;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Units\LengthUnit;

/** Knows where named things stand along a frame, so that a station can be given from one of them. */
interface Stations
{
    /**
     * @param  LengthUnit  $unit  what a bare number means
     * @return ?Placed with the unit of its length said; null where the text names nothing, so that it is read as a length
     *
     * @throws CoreFailure if it names something that has no station
     */
    public function read(string $text, LengthUnit $unit): ?Placed;
}
