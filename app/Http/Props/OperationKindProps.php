<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Fields\Field;
use Geodex\Core\Plan\Operation;
use Geodex\Core\Settings\ShopDefaults;
use Geodex\Core\Shop\Shop;

/** Something that can be planned, and what it asks for. */
final readonly class OperationKindProps
{
    /**
     * @param  list<FieldProps>  $fields
     * @param  array<string, float>  $proposed  what an empty form starts with, by field; mm
     */
    public function __construct(public string $kind, public string $label, public array $fields, public array $proposed) {}

    /** @param  class-string<Operation>  $class */
    public static function from(string $class, Shop $shop): self
    {
        $proposed = [];
        foreach ($class::fields() as $field) {
            $default = ShopDefaults::all()[$field->proposal] ?? null;
            if ($default !== null) {
                $proposed[$field->name] = $shop->value($default);
            }
        }

        return new self($class::kind(), $class::label(), array_map(fn (Field $field): FieldProps => FieldProps::from($field), $class::fields()), $proposed);
    }
}
