<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Words\Sentence;

/** What may have gone wrong with a reading. */
final readonly class CauseProps
{
    /** @param  list<string>  $points */
    public function __construct(public string $kind, public float $error, public Sentence $text, public array $points) {}
}
