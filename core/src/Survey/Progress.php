<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Frame\Frame;

/** How many coordinates of the charted points are settled: in or out, and surely so. */
final readonly class Progress
{
    private function __construct(public int $coordinates, public int $settled, public int $out, public int $undecided, public int $unread) {}

    public static function of(Frame $frame, ?SurveyResult $result): self
    {
        $all = $settled = $out = $unread = 0;
        foreach ($frame->points as $point) {
            if ($point->reference === null) {
                continue;
            }
            $axes = $result?->point($point->id)->axes ?? [];
            $all += 3;
            $unread += $axes === [] ? 3 : 0;
            $settled += count(array_filter($axes, fn (Verdict $verdict): bool => $verdict === Verdict::In || $verdict === Verdict::Out));
            $out += count(array_filter($axes, fn (Verdict $verdict): bool => $verdict === Verdict::Out));
        }

        return new self(coordinates: $all, settled: $settled, out: $out, undecided: $all - $settled - $unread, unread: $unread);
    }
}
