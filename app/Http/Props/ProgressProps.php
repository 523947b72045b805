<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Survey\Forecast;

/** How many coordinates of the charted points are settled. */
final readonly class ProgressProps
{
    /** @param  ?int  $toGo  readings still needed, null where that cannot be foreseen */
    public function __construct(public int $coordinates, public int $settled, public int $out, public int $undecided, public int $unread, public ?int $toGo, public int $tooClose) {}

    /** @param  list<PointProps>  $points */
    public static function of(array $points, ?Forecast $forecast): self
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

        return new self($all, $in + $out, $out, $all - $in - $out - $unread, $unread, $forecast?->toGo, $forecast->tooClose ?? 0);
    }
}
