<?php

declare(strict_types=1);

namespace App\Parts;

/** The plates of one stock on its sheets. */
final readonly class NestedStock
{
    /**
     * @param  list<NestedPart>  $parts
     * @param  list<NestedSheet>  $sheets
     * @param  list<string>  $unplaced  parts that found no room
     */
    public function __construct(public string $stock, public array $parts, public array $sheets, public array $unplaced, public ?string $trouble) {}
}
