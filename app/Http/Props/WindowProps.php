<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Words\Sentence;

/** A stretch in which both rails may be cut, and the best station in it; mm. */
final readonly class WindowProps
{
    /** @param  ?float  $share  of the frame's greatest stress that the rail bears there */
    public function __construct(public float $from, public float $to, public float $best, public ?float $share, public bool $inLongestBay, public Sentence $text) {}
}
