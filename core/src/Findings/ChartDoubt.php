<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Words\Sentence;

/** A question about the chart: what it says of a point does not go with the readings in a way that charts are wrong in. Never a verdict. */
final readonly class ChartDoubt
{
    /**
     * @param  ?int  $axis  0 station, 1 offset, 2 height; null where the whole line is meant
     * @param  ?float  $chart  mm
     * @param  ?float  $measured  mm
     * @param  ?float  $suggested  what the chart probably meant (mm)
     * @param  ?string  $other  the point that it is confused with
     */
    public function __construct(public DoubtKind $kind, public string $point, public ?int $axis, public ?float $chart, public ?float $measured, public ?float $suggested, public Sentence $text, public ?string $other = null) {}

    /** @return list<string> */
    public function points(): array
    {
        return $this->other === null ? [$this->point] : [$this->point, $this->other];
    }
}
