<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Words\Sentence;

/** A question about the chart; mm. */
final readonly class DoubtProps
{
    /** @param  'figure'|'sign'|'swapped'|'mirrored'|'axes'  $kind */
    public function __construct(public string $kind, public string $point, public ?string $other, public ?int $axis, public ?float $chart, public ?float $measured, public ?float $suggested, public Sentence $text) {}
}
