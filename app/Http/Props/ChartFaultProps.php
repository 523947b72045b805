<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Words\Sentence;

/** Something in the chart that is probably a slip. */
final readonly class ChartFaultProps
{
    /** @param  list<string>  $points */
    public function __construct(public string $kind, public array $points, public Sentence $text) {}
}
