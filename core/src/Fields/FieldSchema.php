<?php

declare(strict_types=1);

namespace Geodex\Core\Fields;

/** What a JSON schema says of some fields, so that the schema of the job file is tested equal to what core reads. */
final readonly class FieldSchema
{
    /**
     * @param  list<Field>  $fields
     * @return array{properties: array<string, mixed>, required: list<string>}
     */
    public static function of(array $fields): array
    {
        $properties = [];
        foreach ($fields as $field) {
            $properties[$field->name] = self::one($field);
        }

        return ['properties' => $properties, 'required' => array_map(fn (Field $field): string => $field->name, array_values(array_filter($fields, fn (Field $field): bool => $field->isRequired)))];
    }

    /** @return array<string, mixed> */
    private static function one(Field $field): array
    {
        return match ($field->kind) {
            FieldKind::Length => ['$ref' => '#/$defs/length'],
            FieldKind::Number => ['type' => 'number'],
            FieldKind::Count => ['type' => 'integer'],
            FieldKind::Numbers => ['type' => 'array', 'minItems' => $field->minCount, 'maxItems' => $field->maxCount, 'items' => ['type' => 'number']],
            FieldKind::Lengths => ['type' => 'array', 'minItems' => $field->minCount, 'maxItems' => $field->maxCount, 'items' => ['$ref' => '#/$defs/length']],
            FieldKind::Places => ['type' => 'array', 'minItems' => $field->minCount, 'maxItems' => $field->maxCount, 'items' => ['type' => 'array', 'minItems' => $field->size, 'maxItems' => $field->size + ($field->bulges ? 1 : 0), 'items' => ['$ref' => '#/$defs/length']]],
            FieldKind::Choice => ['enum' => $field->choices],
            FieldKind::Truth => ['type' => 'boolean'],
            FieldKind::Text => ['type' => 'string', 'maxLength' => 200],
            FieldKind::Names => ['type' => 'array', 'minItems' => $field->minCount, 'maxItems' => $field->maxCount, 'items' => ['type' => 'string', 'maxLength' => 200]],
            FieldKind::Group => ['type' => 'object', 'additionalProperties' => false, ...self::of($field->fields)],
            FieldKind::Listing => ['type' => 'array', 'minItems' => $field->minCount, 'maxItems' => $field->maxCount, 'items' => ['type' => 'object', 'additionalProperties' => false, ...self::of($field->fields)]],
        };
    }
}
