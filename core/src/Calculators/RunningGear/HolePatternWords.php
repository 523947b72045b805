<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** What the tapes of a hole pattern say of each other. */
final readonly class HolePatternWords
{
    public static function check(int $spare, bool $isGood, HolePattern $pattern, int $worst): Sentence
    {
        if ($spare === 0) {
            return Sentence::plain('holes.unchecked', 'No tape is left over as a check: one misread would go unseen. Take one more, a diagonal.');
        }
        if ($isGood) {
            return Sentence::plain('holes.agree', 'The tapes agree with each other.');
        }
        [$from, $to] = $pattern->tapes[$worst];

        return Sentence::of('holes.disagree', 'The tapes contradict each other: take “{from}” to “{to}” again first, it is off by {off}.', from: $pattern->ids[$from], to: $pattern->ids[$to], off: Measure::computed(abs($pattern->off()[$worst])));
    }
}
