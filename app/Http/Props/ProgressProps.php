<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Survey\Forecast;
use Geodex\Core\Survey\Progress;

/** How many coordinates of the charted points are settled. */
final readonly class ProgressProps
{
    /** @param  ?int  $toGo  readings still needed, null where that cannot be foreseen */
    public function __construct(public int $coordinates, public int $settled, public int $out, public int $undecided, public int $unread, public ?int $toGo, public int $tooClose) {}

    public static function from(Progress $progress, ?Forecast $forecast): self
    {
        return new self(
            coordinates: $progress->coordinates,
            settled: $progress->settled,
            out: $progress->out,
            undecided: $progress->undecided,
            unread: $progress->unread,
            toGo: $forecast?->toGo,
            tooClose: $forecast->tooClose ?? 0,
        );
    }
}
