<?php

declare(strict_types=1);

namespace Geodex\Core\Fields;

/** Lays the values of some fields out as a document has them; what was not given is left away. */
final readonly class FieldWriter
{
    /** @param  \Closure(float): (float|string)  $length  how the document writes a length in mm */
    public function __construct(private \Closure $length) {}

    /**
     * @param  list<Field>  $fields
     * @param  array<mixed>  $values  by the names of fields, lengths in mm
     * @return array<string, mixed>
     */
    public function write(array $fields, array $values): array
    {
        $document = [];
        foreach ($fields as $field) {
            $value = $values[$field->name] ?? null;
            if ($value !== null) {
                $document[$field->name] = $this->value($field, $value);
            }
        }

        return $document;
    }

    private function value(Field $field, mixed $value): mixed
    {
        return match (true) {
            $field->kind === FieldKind::Length && is_numeric($value) => ($this->length)((float) $value),
            $field->kind === FieldKind::Lengths && is_array($value) => array_map(fn (mixed $one): float|string => ($this->length)(is_numeric($one) ? (float) $one : 0.0), array_values($value)),
            $field->kind === FieldKind::Places && is_array($value) => array_map(fn (mixed $one): array => $this->place($field, is_array($one) ? array_values($one) : []), array_values($value)),
            $field->kind === FieldKind::Group && is_array($value) => $this->write($field->fields, $value),
            $field->kind === FieldKind::Listing && is_array($value) => array_map(fn (mixed $one): array => $this->write($field->fields, is_array($one) ? $one : []), array_values($value)),
            default => $value,
        };
    }

    /**
     * @param  list<mixed>  $place
     * @return list<mixed> a bulge has no unit
     */
    private function place(Field $field, array $place): array
    {
        $lengths = $field->bulges ? array_slice($place, 0, $field->size) : $place;

        return [...array_map(fn (mixed $one): float|string => ($this->length)(is_numeric($one) ? (float) $one : 0.0), $lengths), ...array_slice($place, count($lengths))];
    }
}
