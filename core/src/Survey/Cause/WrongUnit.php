<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Cause;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Units\Length;
use Geodex\Core\Words\Sentence;

/** The number is right and its unit is not: inches taken for millimetres, millimetres for inches, centimetres for millimetres. */
final readonly class WrongUnit implements Cause
{
    public function forms(Reading $reading, Frame $frame, array $at, float $true): array
    {
        if ($reading->kind::quantity() !== 'length') {
            return [];
        }
        $correction = $reading->asRead->correction ?? 0.0;
        $typed = $reading->value - $correction;
        $causes = [];
        foreach ([
            [Length::MILLIMETRES_PER_INCH, 'Read in inches, written down as millimetres.'],
            [1 / Length::MILLIMETRES_PER_INCH, 'Read in millimetres, written down as inches.'],
            [10.0, 'Read in centimetres, written down as millimetres.'],
            [0.1, 'Read in millimetres, written down as centimetres.'],
        ] as [$factor, $text]) {
            $causes[] = new LikelyCause(CauseKind::Unit, $typed * (1 - $factor), Sentence::of('cause.unit', $text));
        }

        return $causes;
    }
}
