<?php

declare(strict_types=1);

namespace App\Parts;

use App\Models\StockItem;

/** What is sawn of one stock. */
final readonly class CutList
{
    /**
     * @param  list<SawnPart>  $parts
     * @param  list<StockItem>  $rack
     * @param  list<SawnBar>  $bars
     * @param  list<string>  $remarks
     * @param  bool  $isProven  whether no other choice of bars takes less
     */
    public function __construct(public string $stock, public array $parts, public array $rack, public array $bars, public bool $isProven, public ?string $trouble, public array $remarks = []) {}

    /** @param  list<string>  $remarks */
    public function saying(array $remarks): self
    {
        return new self($this->stock, $this->parts, $this->rack, $this->bars, $this->isProven, $this->trouble, $remarks);
    }

    public function part(string $key): ?SawnPart
    {
        foreach ($this->parts as $part) {
            if ($part->key === $key) {
                return $part;
            }
        }

        return null;
    }

    /** @return list<float> of the pieces of a bar, mm */
    public function lengths(SawnBar $bar): array
    {
        return array_map(fn (string $key): float => $this->part($key)->length ?? 0.0, $bar->keys);
    }

    public function item(int $id): ?StockItem
    {
        foreach ($this->rack as $item) {
            if ($item->id === $id) {
                return $item;
            }
        }

        return null;
    }
}
