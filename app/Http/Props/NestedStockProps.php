<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Parts\NestedSheet;
use App\Parts\NestedStock;

/** The plates of one stock on its sheets; mm. */
final readonly class NestedStockProps
{
    /**
     * @param  list<NestedSheetProps>  $sheets
     * @param  list<string>  $unplaced  titles of parts that found no room
     */
    public function __construct(public string $stock, public array $sheets, public array $unplaced, public ?string $trouble) {}

    public static function from(NestedStock $nest): self
    {
        $titles = array_column($nest->parts, 'title', 'part');

        return new self($nest->stock, array_map(fn (NestedSheet $one): NestedSheetProps => NestedSheetProps::from($one, $titles), $nest->sheets), array_map(fn (string $part): string => $titles[(int) $part] ?? $part, $nest->unplaced), $nest->trouble);
    }
}
