<?php

declare(strict_types=1);

namespace App\Report;

use App\Http\Props\ComparedProps;
use App\Models\Job;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\FieldKind;
use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Words\Sentence;
use Geodex\Core\Words\StateWords;

/** What a calculator was given and what it gives, as the lines and tables of a sheet of paper. */
final readonly class PaperValues
{
    /** @param  \Closure(?float): string  $length */
    private function __construct(private \Closure $length, private LengthUnit $unit) {}

    public static function of(Job $job): self
    {
        return new self(PaperLengths::of($job), LengthUnit::from($job->units));
    }

    /**
     * @param  list<Field>  $fields
     * @param  array<mixed>  $values
     * @return array<string, string> by label; what was not given says so
     */
    public function given(array $fields, array $values): array
    {
        $lines = [];
        foreach ($fields as $field) {
            $value = $values[$field->name] ?? null;
            if ($field->kind === FieldKind::Listing && is_array($value)) {
                foreach (array_values($value) as $i => $entry) {
                    $lines["$field->label, ".($i + 1)] = $this->entered($field->fields, is_array($entry) ? $entry : []);
                }
            } else {
                $lines[$field->label] = $this->field($field, $value);
            }
        }

        return $lines;
    }

    /**
     * @param  list<Result>  $results
     * @param  array<mixed>  $values
     * @return array<string, string> by label; lists are tables
     */
    public function lines(array $results, array $values): array
    {
        $lines = [];
        foreach ($results as $result) {
            $lines = [...$lines, ...$this->line($result, $values[$result->name] ?? null)];
        }

        return $lines;
    }

    /**
     * @param  list<Result>  $results
     * @param  array<mixed>  $values
     * @return array<string, list<array<string, string>>> rows of cells by their heads, by the label of the table
     */
    public function tables(array $results, array $values): array
    {
        $tables = [];
        foreach ($results as $result) {
            $value = $values[$result->name] ?? null;
            if (! is_array($value) || $value === []) {
                continue;
            }
            if ($result->kind === FieldKind::Listing) {
                $tables[$result->label] = array_map(fn (mixed $row): array => $this->cells($result->results, is_array($row) ? $row : []), array_values($value));
            } else {
                foreach ($this->tables($result->results, $value) as $label => $rows) {
                    $tables["$result->label: $label"] = $rows;
                }
            }
        }

        return $tables;
    }

    /** @return array{what: string, before: string, after: string, limit: string, state: string} a row of old against new as cells */
    public function compared(ComparedProps $row): array
    {
        $said = fn (mixed $value): string => $this->told(FieldKind::from($row->kind), $row->unit, $value);

        return ['what' => $row->what, 'before' => $said($row->before), 'after' => $said($row->after), 'limit' => $row->limit === null ? '' : $said($row->limit), 'state' => $row->state === null ? '' : StateWords::ALL[$row->state] ?? $row->state];
    }

    /**
     * @param  list<Result>  $results
     * @param  array<mixed>  $row
     * @return array<string, string>
     */
    private function cells(array $results, array $row): array
    {
        $cells = [];
        foreach ($results as $result) {
            $value = $row[$result->name] ?? null;
            if ($result->kind === FieldKind::Listing && is_array($value)) {
                $cells[$result->label] = implode('; ', array_map(fn (mixed $entry): string => implode(' ', $this->cells($result->results, is_array($entry) ? $entry : [])), $value));
            } elseif ($value !== null) {
                $cells = [...$cells, ...$this->line($result, $value)];
            }
        }

        return $cells;
    }

    /** @return array<string, string> */
    private function line(Result $result, mixed $value): array
    {
        return match (true) {
            $result->kind === FieldKind::Listing => [],
            $value instanceof Sentence => [$result->label => $value->in($this->unit)],
            is_array($value) && array_is_list($value) => [$result->label => implode(', ', array_map(fn (mixed $one): string => $this->told($result->kind, $result->unit, $one), $value))],
            is_array($value) => $this->group($result, $value),
            $value === null && $result->kind === FieldKind::Group => [],
            default => [$result->label => $this->told($result->kind, $result->unit, $value)],
        };
    }

    /**
     * @param  array<mixed>  $value
     * @return array<string, string>
     */
    private function group(Result $result, array $value): array
    {
        $lines = [];
        if ($result->results === []) {
            foreach ($value as $name => $one) {
                $lines["$result->label: $name"] = $this->told($result->kind === FieldKind::Lengths ? FieldKind::Length : FieldKind::Number, $result->unit, $one);
            }
        }
        // Its lists stand as tables of their own.
        $told = array_filter($result->results, fn (Result $one): bool => $one->kind !== FieldKind::Listing);
        foreach ($this->cells(array_values($told), $value) as $label => $said) {
            $lines["$result->label: $label"] = $said;
        }

        return $lines;
    }

    private function field(Field $field, mixed $value): string
    {
        return match (true) {
            $value === null || $value === [] => 'not given',
            $field->kind === FieldKind::Listing => implode('; ', array_map(fn (mixed $entry): string => $this->entered($field->fields, is_array($entry) ? $entry : []), is_array($value) ? $value : [])),
            $field->kind === FieldKind::Group => $this->entered($field->fields, is_array($value) ? $value : []),
            is_array($value) => implode(', ', array_map(fn (mixed $one): string => is_array($one) ? '('.$this->field($field, $one).')' : $this->field($field, $one), $value)),
            is_numeric($value) && in_array($field->kind, [FieldKind::Number, FieldKind::Numbers], true) => $this->number((float) $value, strlen(rtrim(substr((string) strrchr(sprintf('%.6f', $value), '.'), 1), '0')), $field->unit),
            default => $this->told($field->kind, $field->unit, $value),
        };
    }

    /**
     * @param  list<Field>  $fields
     * @param  array<mixed>  $values
     */
    private function entered(array $fields, array $values): string
    {
        $said = [];
        foreach ($fields as $field) {
            if (($values[$field->name] ?? null) !== null) {
                $said[] = mb_strtolower($field->label).' '.$this->field($field, $values[$field->name]);
            }
        }

        return $said === [] ? 'not given' : implode('; ', $said);
    }

    private function told(FieldKind $kind, string $unit, mixed $value): string
    {
        return match (true) {
            $value === null => '–',
            is_bool($value) => $value ? 'yes' : 'no',
            is_string($value) => $kind === FieldKind::Choice ? StateWords::ALL[$value] ?? self::spaced($value) : $value,
            ! is_int($value) && ! is_float($value) => '–',
            in_array($kind, [FieldKind::Length, FieldKind::Lengths, FieldKind::Places], true) => ($this->length)((float) $value),
            $kind === FieldKind::Count => (string) $value,
            default => $this->number((float) $value, match (true) {
                $unit === '°' => 2,
                abs((float) $value) < 10 => 3,
                abs((float) $value) < 1000 => 1,
                default => 0,
            }, $unit),
        };
    }

    private function number(float $value, int $digits, string $unit): string
    {
        return trim(str_replace('-', '−', number_format($value, $digits, '.', ' ')).($unit === '°' ? '°' : " $unit"));
    }

    /** “outOfLine” as “out of line”. */
    private static function spaced(string $word): string
    {
        return mb_strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', ' ', $word));
    }
}
