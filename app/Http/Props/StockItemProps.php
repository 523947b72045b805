<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\StockItem;

/** A bar or a sheet on the rack; mm. */
final readonly class StockItemProps
{
    public function __construct(public int $id, public string $stock, public float $length, public ?float $width, public ?int $count, public bool $isRemnant) {}

    public static function from(StockItem $item): self
    {
        return new self($item->id, $item->stock, $item->length, $item->width, $item->count, $item->is_remnant);
    }
}
