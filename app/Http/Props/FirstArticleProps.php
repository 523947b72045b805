<?php

declare(strict_types=1);

namespace App\Http\Props;

/** Who tried the first of a part, when, and what was corrected. */
final readonly class FirstArticleProps
{
    public function __construct(public string $by, public string $at, public string $note) {}
}
