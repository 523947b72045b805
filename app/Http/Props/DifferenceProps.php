<?php

declare(strict_types=1);

namespace App\Http\Props;

/** How far a point stands differently in two sources; mm along x, y, z. */
final readonly class DifferenceProps
{
    /** @param  list<float>  $off */
    public function __construct(public string $id, public array $off) {}
}
