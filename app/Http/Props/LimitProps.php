<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;

/** A guideline limit that something is held against: what it is, whose, and where it comes from. */
final readonly class LimitProps
{
    public function __construct(public string $label, public string $said, public string $source) {}

    public static function from(ShopDefault $default, Shop $shop): self
    {
        return new self($default->field->label, trim(sprintf('%g%s', $shop->value($default), $default->field->unit() === '°' ? '°' : ' '.$default->field->unit())).' ('.$shop->whose($default).')', $default->source);
    }
}
