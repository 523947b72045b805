<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Parts\Mark;

/** A mark on a part, from its edges; mm. */
final readonly class MarkProps
{
    public function __construct(public string $what, public ?float $fromLeft, public ?float $fromRight, public ?float $fromLow, public ?float $fromHigh, public string $line) {}

    public static function from(Mark $mark): self
    {
        return new self($mark->what, $mark->fromLeft, $mark->fromRight, $mark->fromLow, $mark->fromHigh, $mark->line);
    }
}
