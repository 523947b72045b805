<?php

declare(strict_types=1);

namespace App\Parts;

/** A length that is sawn for a part; mm. */
final readonly class SawnPart
{
    /**
     * @param  string  $key  of one length of the part
     * @param  int  $now  how many may be sawn now; the rest waits for the first article
     */
    public function __construct(public int $part, public string $key, public string $title, public float $length, public int $now, public int $all) {}
}
