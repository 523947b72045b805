<?php

declare(strict_types=1);

namespace App\Http\Props;

/** How many coordinates of the charted points are settled. */
final readonly class ProgressProps
{
    public function __construct(public int $coordinates, public int $settled, public int $out, public int $undecided, public int $unread) {}

    /** @param  list<PointProps>  $points */
    public static function of(array $points): self
    {
        $all = $in = $out = $unread = 0;
        foreach ($points as $point) {
            if ($point->chart === null) {
                continue;
            }
            $all += 3;
            $unread += $point->axes === [] ? 3 : 0;
            $in += count(array_keys($point->axes, 'in', true));
            $out += count(array_keys($point->axes, 'out', true));
        }

        return new self($all, $in + $out, $out, $all - $in - $out - $unread, $unread);
    }
}
