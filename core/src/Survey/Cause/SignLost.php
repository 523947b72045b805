<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Cause;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Words\Sentence;

/** The minus forgotten, or written where there was none: below for above, left for right, forward for rearward. */
final readonly class SignLost implements Cause
{
    public function forms(Reading $reading, Frame $frame, array $at, float $true): array
    {
        // A kind that cannot be less than nothing has no sign to lose.
        return $reading->kind->implausible(-abs($reading->value)) !== null ? [] : [
            new LikelyCause(CauseKind::Sign, 2 * $reading->value, Sentence::of('cause.sign', $reading->value < 0 ? 'A minus too many.' : 'The minus is lost.')),
        ];
    }
}
