<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Cause;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Reading\Reading;

/** One way in which readings go wrong in a shop. */
interface Cause
{
    /**
     * Every form that this mistake can take with this reading.
     *
     * @param  array<string, Vector3>  $at  positions on the bench (mm)
     * @param  float  $true  what the other readings say it should read (mm or degrees)
     * @return list<LikelyCause>
     */
    public function forms(Reading $reading, Frame $frame, array $at, float $true): array;
}
