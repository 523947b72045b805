<?php

declare(strict_types=1);

namespace App\Import;

use App\Models\Job;
use Geodex\Core\Chassis\ChassisPart;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\FieldKind;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** A list of a frame as a table, in and out: a column a field; those of a group with a dot, a path as “station side; station side”. */
final readonly class ChassisCsv
{
    public function __construct(private CsvTable $table, private CsvEncoder $encoder) {}

    /**
     * @param  class-string<ChassisPart>  $class
     * @return list<array<string, mixed>> as typed
     */
    public function read(string $csv, string $class): array
    {
        $columns = ['id', ...$this->columns($class::fields())];

        return array_map(fn (array $row): array => ['id' => $row['id'] ?? '', ...$this->nested($class::fields(), $row)], $this->table->rows($csv, $columns, ['id']));
    }

    /** @param  class-string<ChassisPart>  $class */
    public function write(Job $job, string $class): string
    {
        $columns = ['id', ...$this->columns($class::fields())];
        $rows = array_map(fn (array $row): array => array_replace(array_fill_keys($columns, ''), ['id' => $row['id'] ?? '', ...$this->flat($class::fields(), $row)]), $job->frame[$class::list()] ?? []);

        return $rows === [] ? implode(',', $columns)."\n" : $this->encoder->encode($rows, 'csv', [CsvEncoder::ESCAPE_FORMULAS_KEY => true]);
    }

    /**
     * @param  list<Field>  $fields
     * @return list<string>
     */
    private function columns(array $fields, string $within = ''): array
    {
        return array_merge(...array_map(fn (Field $field): array => $field->kind === FieldKind::Group ? $this->columns($field->fields, $this->column($within, $field).'.') : [$this->column($within, $field)], $fields));
    }

    /**
     * @param  list<Field>  $fields
     * @param  array<mixed>  $values
     * @return array<string, string>
     */
    private function flat(array $fields, array $values, string $within = ''): array
    {
        $flat = [];
        foreach ($fields as $field) {
            [$value, $at] = [$values[$field->name] ?? null, $this->column($within, $field)];
            if ($field->kind === FieldKind::Group) {
                $flat += $this->flat($field->fields, is_array($value) ? $value : [], "$at.");
            } elseif (is_array($value)) {
                $flat[$at] = implode('; ', array_map(fn (mixed $one): string => implode(' @ ', array_map($this->text(...), is_array($one) ? $one : [$one])), $value));
            } else {
                $text = $this->text($value);
                $flat[$at] = $field->kind === FieldKind::Length && is_numeric($value) ? "$text mm" : $text;
            }
        }

        return $flat;
    }

    /**
     * @param  list<Field>  $fields
     * @param  array<string, string>  $row
     * @return array<string, mixed>
     */
    private function nested(array $fields, array $row, string $within = ''): array
    {
        $values = [];
        foreach ($fields as $field) {
            $at = $this->column($within, $field);
            $text = $row[$at] ?? '';
            $values[$field->name] = match (true) {
                $field->kind === FieldKind::Group => array_filter($this->nested($field->fields, $row, "$at."), fn (mixed $one): bool => $one !== ''),
                $field->kind === FieldKind::Listing => array_map(fn (string $one): array => $this->entry($field->fields, $one), array_values(array_filter(array_map(trim(...), explode(';', $text)), fn (string $one): bool => $one !== ''))),
                default => $text,
            };
        }

        return array_filter($values, fn (mixed $one): bool => $one !== '' && $one !== []);
    }

    /**
     * @param  list<Field>  $fields
     * @return array<string, string>
     */
    private function entry(array $fields, string $text): array
    {
        $parts = array_map(trim(...), explode('@', $text));
        $entry = [];
        foreach ($fields as $i => $field) {
            if (($parts[$i] ?? '') !== '') {
                $entry[$field->name] = $parts[$i];
            }
        }

        return $entry;
    }

    /** Spreadsheets do not keep capitals apart. */
    private function column(string $within, Field $field): string
    {
        return mb_strtolower($within.$field->name);
    }

    private function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
