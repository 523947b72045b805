<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Cause;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Words\Sentence;

/** A whole centimetre or decimetre misread on the scale. */
final readonly class RoundFigure implements Cause
{
    public function forms(Reading $reading, Frame $frame, array $at, float $true): array
    {
        if ($reading->kind::quantity() !== 'length') {
            return [];
        }
        $causes = [];
        foreach (['centimetre' => 10.0, 'decimetre' => 100.0] as $what => $mm) {
            $causes[] = new LikelyCause(CauseKind::Round, $mm, Sentence::of('cause.round', 'One {what} too much: the wrong figure was read off the scale.', what: $what));
            $causes[] = new LikelyCause(CauseKind::Round, -$mm, Sentence::of('cause.round', 'One {what} too little: the wrong figure was read off the scale.', what: $what));
        }

        return $causes;
    }
}
