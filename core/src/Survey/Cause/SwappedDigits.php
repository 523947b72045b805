<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Cause;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Words\Sentence;

/** Two neighbouring digits of what was typed, swapped between ear and hand. */
final readonly class SwappedDigits implements Cause
{
    public function forms(Reading $reading, Frame $frame, array $at, float $true): array
    {
        $angle = $reading->kind::quantity() === 'angle';
        $correction = $reading->asRead->correction ?? 0.0;
        $typed = $reading->asRead->typed ?? (string) round($reading->value - $correction, 3);
        $causes = [];
        foreach ($this->swaps($typed) as $swapped) {
            $meant = $this->value($swapped, $reading->asRead->unit ?? LengthUnit::Millimetre, $angle);
            if ($meant !== null && abs($meant + $correction - $reading->value) > 1e-6) {
                $causes[] = new LikelyCause(CauseKind::Digits, $reading->value - $meant - $correction, Sentence::of('cause.digits', 'Two digits swapped: {called} was called, {written} was written.', called: $swapped, written: $typed));
            }
        }

        return $causes;
    }

    /** @return list<string> */
    private function swaps(string $typed): array
    {
        $swaps = [];
        for ($i = 0, $n = strlen($typed) - 1; $i < $n; $i++) {
            [$a, $b] = [$typed[$i], $typed[$i + 1]];
            if (ctype_digit($a) && ctype_digit($b) && $a !== $b) {
                $swaps[] = substr_replace($typed, $b.$a, $i, 2);
            }
        }

        return $swaps;
    }

    private function value(string $typed, LengthUnit $unit, bool $angle): ?float
    {
        if ($angle) {
            return is_numeric($typed) ? (float) $typed : null;
        }
        try {
            return Length::parse($typed, $unit)->mm;
        } catch (CoreFailure) {
            return null;
        }
    }
}
