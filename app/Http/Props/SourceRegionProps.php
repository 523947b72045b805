<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A run of rows on which two sources agree or not; mm. */
final readonly class SourceRegionProps
{
    /**
     * @param  list<string>  $points
     * @param  'agree'|'first'|'second'|'neither'|'open'  $side
     */
    public function __construct(public string $from, public string $to, public array $points, public float $worst, public string $side) {}
}
