<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Geometry\Vector3;

/** The budget was spent in the middle of an adjustment. No refusal: nothing that goes on to the next attempt may swallow it. */
final class OutOfTime extends \RuntimeException
{
    /** @param  array<string, Vector3>  $at  where the adjustment stood (mm) */
    public function __construct(public readonly array $at)
    {
        parent::__construct('The adjustment has used its time.');
    }
}
