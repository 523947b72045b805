<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

/** A mark on a part, from its edges; mm. */
final readonly class Mark
{
    /**
     * @param  ?float  $fromLeft  null where it runs along
     * @param  ?float  $fromLow  null where it runs across
     * @param  string  $line  what is done with the line: leave it standing, split it, or punch its middle
     */
    public function __construct(public string $what, public ?float $fromLeft, public ?float $fromRight, public ?float $fromLow, public ?float $fromHigh, public string $line) {}
}
