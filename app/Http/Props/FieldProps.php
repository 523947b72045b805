<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Fields\Field;

/** One thing that a form asks for, as core declares it. */
final readonly class FieldProps
{
    /**
     * @param  'length'|'number'|'numbers'|'lengths'|'places'|'count'|'choice'|'truth'|'text'|'names'|'group'|'list'  $kind
     * @param  string  $range  what is allowed, in words
     * @param  string  $default  as it would be typed; empty for none
     * @param  list<string>  $choices
     * @param  list<FieldProps>  $fields  of a group, or of each entry of a list
     * @param  string  $names  list of the frame whose ids it takes; empty for none
     * @param  bool  $bulges  whether a place may carry the bulge of the arc that follows, which has no unit
     * @param  int  $size  how many numbers it takes, where that is fixed; 0 where it is not
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $kind,
        public string $unit,
        public bool $isRequired,
        public string $default,
        public string $help,
        public string $range,
        public array $choices,
        public array $fields,
        public bool $isStation,
        public string $names,
        public int $size,
        public bool $bulges,
    ) {}

    public static function from(Field $field): self
    {
        $default = is_array($field->default) ? implode(', ', array_filter($field->default, is_scalar(...))) : (is_scalar($field->default) ? (string) $field->default : '');

        return new self(
            name: $field->name, label: $field->label, kind: $field->kind->value, unit: $field->unit, isRequired: $field->isRequired, default: $default, help: $field->help, range: $field->range(), choices: $field->choices,
            fields: array_map(self::from(...), $field->fields), isStation: $field->isStation, names: $field->names, size: $field->maxCount === $field->minCount ? $field->minCount : 0, bulges: $field->bulges,
        );
    }
}
