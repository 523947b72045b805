<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\ShopValue;
use Geodex\Core\Shop\ShopDefault;

/** Something that a shop may set: what it asks for, the shop's own value, and who set it. */
final readonly class ShopValueProps
{
    /**
     * @param  ?float  $own  mm or the field's unit; null is as usual
     * @param  string  $changed  who and when; empty while it is as usual
     */
    public function __construct(public string $group, public FieldProps $field, public ?float $own, public float $usual, public string $source, public string $changed) {}

    public static function from(ShopDefault $default, ?ShopValue $set): self
    {
        return new self(
            group: $default->group, field: FieldProps::from($default->field), own: $set?->value, usual: $default->usual(), source: $default->source,
            changed: $set === null ? '' : trim(($set->user->name ?? '').', '.$set->changed_at->format('j M Y'), ', '),
        );
    }
}
