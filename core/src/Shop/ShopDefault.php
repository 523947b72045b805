<?php

declare(strict_types=1);

namespace Geodex\Core\Shop;

use Geodex\Core\Fields\Field;

/** A value that practice sets and not geometry: each shop may set its own. Declared by the class that uses it. */
final readonly class ShopDefault
{
    /**
     * @param  string  $group  heading that it stands under among the settings
     * @param  Field  $field  its name, label, unit and limits, with the usual value as default
     * @param  string  $source  where the usual value is from
     */
    public function __construct(public string $group, public Field $field, public string $source)
    {
        if (! is_float($field->default)) {
            throw new \LogicException("The shop default {$field->name} needs a usual value.");
        }
    }

    public function name(): string
    {
        return $this->field->name;
    }

    public function usual(): float
    {
        return is_float($this->field->default) ? $this->field->default : 0.0;
    }
}
