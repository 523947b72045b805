<?php

declare(strict_types=1);

namespace Geodex\Core\Shop;

/** The values of one shop: its own where it set one, else the usual. */
final readonly class Shop
{
    /** @param  array<string, float>  $own  by the names of shop defaults; mm, degrees or as declared */
    public function __construct(private array $own = []) {}

    public function value(ShopDefault $default): float
    {
        return $this->own[$default->name()] ?? $default->usual();
    }

    public function isOwn(ShopDefault $default): bool
    {
        return $this->value($default) !== $default->usual();
    }

    /** Whose value it is, as a result says it in brackets. */
    public function whose(ShopDefault $default): string
    {
        $unit = $default->field->unit();

        return $this->isOwn($default) ? sprintf('this shop\'s own, usually %g%s', $default->usual(), $unit === '' ? '' : " $unit") : 'shop default';
    }
}
