<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Cause;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Units\Length;
use Geodex\Core\Words\Sentence;

/** The tape held at the one-inch mark, and the inch forgotten; or taken off though it was not. */
final readonly class InchMark implements Cause
{
    public function forms(Reading $reading, Frame $frame, array $at, float $true): array
    {
        if ($reading->kind::quantity() !== 'length') {
            return [];
        }
        $inch = Length::MILLIMETRES_PER_INCH;

        return [
            new LikelyCause(CauseKind::Inch, $inch, Sentence::of('cause.inch', 'One inch too long: the tape was held at the one-inch mark and the inch not taken off.')),
            new LikelyCause(CauseKind::Inch, -$inch, Sentence::of('cause.inch', 'One inch too short: an inch was taken off though the tape was held at its end.')),
        ];
    }
}
