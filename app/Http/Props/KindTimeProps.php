<?php

declare(strict_types=1);

namespace App\Http\Props;

/** What steps of one kind took; minutes. */
final readonly class KindTimeProps
{
    public function __construct(public string $kind, public int $count, public float $estimated, public float $taken, public float $factor) {}
}
