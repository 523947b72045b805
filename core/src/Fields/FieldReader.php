<?php

declare(strict_types=1);

namespace Geodex\Core\Fields;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthUnit;

/** Reads what was given for some fields, and names everything that is wrong with its path instead of stopping at the first. */
final class FieldReader
{
    /** No number of this trade is larger. */
    private const MAX = 1e9;

    /** Nearer to nothing than this, and not nothing, is no measure of anything: dividing by it would lead nowhere. */
    private const NEAREST = 1e-12;

    /** @var list<string> */
    private array $problems = [];

    /**
     * @param  LengthUnit  $unit  what a bare number means
     * @param  bool  $typed  whether everything comes as text from a form, where nothing typed is nothing given
     * @param  ?Stations  $stations  what a station can be given from, where there is a frame
     */
    public function __construct(private readonly LengthUnit $unit = LengthUnit::Millimetre, private readonly bool $typed = false, private readonly ?Stations $stations = null) {}

    /**
     * @param  list<Field>  $fields
     * @param  string  $path  where it stands, for what is reported
     *
     * @throws InvalidFields
     */
    public function read(array $fields, mixed $given, string $path = ''): Values
    {
        $this->problems = [];
        $values = $this->group($fields, $given, $path);

        return $this->problems === [] ? $values : throw InvalidFields::with($this->problems);
    }

    /**
     * @param  list<Field>  $fields
     *
     * @phpstan-impure
     */
    private function group(array $fields, mixed $given, string $path): Values
    {
        if (! is_array($given) || ($given !== [] && array_is_list($given))) {
            $this->report($path === '' ? 'input' : $path, 'expected an object with '.implode(', ', array_map(fn (Field $field): string => $field->name, $fields)).'.');

            return new Values([]);
        }
        $names = array_map(fn (Field $field): string => $field->name, $fields);
        foreach (array_diff(array_map(strval(...), array_keys($given)), $names) as $unknown) {
            $this->report($this->at($path, $unknown), 'unknown key; known are '.implode(', ', $names).'.');
        }
        $values = [];
        foreach ($fields as $field) {
            $at = $this->at($path, $field->name);
            $value = $given[$field->name] ?? null;
            if ($value === null || ($this->typed && $value === '')) {
                if ($field->isRequired) {
                    $this->report($at, "missing: {$field->label}".($field->range() === '' ? '.' : ", {$field->range($this->unit)}."));
                }
                $values[$field->name] = $field->default;

                continue;
            }
            $values[$field->name] = $this->value($field, $value, $at);
        }

        return new Values($values);
    }

    private function value(Field $field, mixed $given, string $at): mixed
    {
        return match ($field->kind) {
            FieldKind::Length => $this->placed($field, $given, $at) ?? $this->number($field, $given, $at),
            FieldKind::Number, FieldKind::Count => $this->number($field, $given, $at),
            FieldKind::Choice => in_array($given, $field->choices, true) ? $given : $this->report($at, 'expected one of '.implode(', ', $field->choices).'.'),
            FieldKind::Truth => is_bool($given) ? $given : $this->report($at, 'expected true or false.'),
            FieldKind::Text => is_string($given) && mb_strlen($given) <= 200 ? $given : $this->report($at, 'expected a text of at most 200 letters.'),
            FieldKind::Names => $this->names($field, $given, $at),
            FieldKind::Group => $this->group($field->fields, $given, $at),
            FieldKind::Numbers, FieldKind::Lengths => $this->row(field: $field, given: $given, at: $at, min: $field->minCount, max: $field->maxCount),
            FieldKind::Places => $this->places($field, $given, $at),
            FieldKind::Listing => $this->entries($field, $given, $at),
        };
    }

    /** A station given from something else; null where it is a plain length, or is reported. */
    private function placed(Field $field, mixed $given, string $at): ?Placed
    {
        if (! $field->isStation || ! is_string($given) || $this->stations === null) {
            return null;
        }
        try {
            return $this->stations->read($given, $this->unit);
        } catch (CoreFailure $failure) {
            $this->report($at, $failure->getMessage());

            return new Placed(0.0, $given);
        }
    }

    private function number(Field $field, mixed $given, string $at): ?float
    {
        $number = $field->kind === FieldKind::Length ? $this->length($given, $at) : $this->plain($field, $given, $at);
        if ($number !== null && $number !== 0.0 && abs($number) < self::NEAREST) {
            return $this->report($at, sprintf('%g is nearer to nothing than can be worked with; give 0, or at least %g.', $number, self::NEAREST));
        }
        if ($number !== null && ! $field->allows($number)) {
            $this->report($at, "{$field->label} has to be {$field->range($this->unit)}, not {$field->said($number, $this->unit)}.");

            return null;
        }

        return $number;
    }

    /** @return list<?float> numbers, or lengths in mm */
    private function row(Field $field, mixed $given, string $at, int $min, int $max): array
    {
        $given = $this->typed && is_string($given) ? self::parted($given) : $given;
        $what = $field->kind === FieldKind::Numbers ? 'numbers' : 'lengths';
        if (! is_array($given) || ! array_is_list($given) || count($given) < $min || count($given) > $max) {
            $this->report($at, $min === $max ? "expected $max $what in a list." : "expected from $min to $max $what in a list.");

            return [];
        }

        return array_map(fn (int $i, mixed $one): ?float => $field->mayMiss && ($one === null || $one === '-') ? null : $this->one($field, $one, "{$at}[$i]"), array_keys($given), $given);
    }

    /**
     * A typed row: by its commas; where it has none and is nothing but plain numbers, by its blanks. “12' 6"” and “3 1/2” are one length.
     *
     * @return list<string>
     */
    private static function parted(string $typed): array
    {
        $by = preg_match('/[,;]/', $typed) === 1 || preg_match('/\A[\d.\s+\-−]*\z/u', $typed) !== 1 ? '/\s*[,;]\s*/' : '/\s+/';

        return preg_split($by, trim($typed)) ?: [];
    }

    private function one(Field $field, mixed $given, string $at): ?float
    {
        $number = $field->kind === FieldKind::Numbers ? $this->plain($field, $given, $at) : $this->length($given, $at);
        if ($number !== null && ! $field->allows($number)) {
            $this->report($at, "{$field->label} has to be {$field->range($this->unit)}, not {$field->said($number, $this->unit)}.");
        }

        return $number;
    }

    /** @return list<list<?float>> */
    private function places(Field $field, mixed $given, string $at): array
    {
        $given = $this->typed && is_string($given) ? array_filter(array_map(trim(...), preg_split('/[\n;]+/', $given) ?: []), fn (string $one): bool => $one !== '') : $given;
        if (! is_array($given) || ! array_is_list($given) || count($given) < $field->minCount || count($given) > $field->maxCount) {
            $this->report($at, "expected at least {$field->minCount} places in a list, each of {$field->size} lengths.");

            return [];
        }

        return array_map(fn (int $i, mixed $one): array => $field->bulges ? $this->corner($field, $one, "{$at}[$i]") : $this->row(field: $field, given: $one, at: "{$at}[$i]", min: $field->size === 0 ? 1 : $field->size, max: $field->size === 0 ? 40 : $field->size), array_keys($given), $given);
    }

    /**
     * A place, and the bulge of the arc that follows it, if one does.
     *
     * @return list<?float>
     */
    private function corner(Field $field, mixed $given, string $at): array
    {
        $parts = $this->typed && is_string($given) ? self::parted($given) : $given;
        if (! is_array($parts) || ! array_is_list($parts) || count($parts) !== $field->size + 1) {
            return $this->row(field: $field, given: $parts, at: $at, min: $field->size, max: $field->size);
        }
        $bulge = $this->plain(Field::number($field->name, 'Bulge'), $parts[$field->size], "{$at}[{$field->size}]");
        if ($bulge !== null && abs($bulge) > 1.0) {
            $this->report("{$at}[{$field->size}]", "the bulge of an arc is from -1 to 1, not $bulge.");
        }

        return [...$this->row(field: $field, given: array_slice($parts, 0, $field->size), at: $at, min: $field->size, max: $field->size), $bulge];
    }

    private function length(mixed $given, string $at): ?float
    {
        if (! is_string($given) && ! is_int($given) && ! is_float($given)) {
            $this->report($at, 'expected a length: a number in mm, or a text with its unit such as "16 3/8 in".');

            return null;
        }
        try {
            return match (true) {
                is_string($given) => Length::parse($given, $this->unit)->mm,
                $this->unit === LengthUnit::Inch => Length::ofInches((float) $given)->mm,
                default => Length::ofMillimetres((float) $given)->mm,
            };
        } catch (CoreFailure $failure) {
            $this->report($at, $failure->getMessage());

            return null;
        }
    }

    private function plain(Field $field, mixed $given, string $at): ?float
    {
        if ($this->typed && is_string($given) && preg_match('/\A\s*[+\-−]?(\d+(\.\d*)?|\.\d+)\s*\z/u', $given) === 1) {
            $given = (float) str_replace('−', '-', trim($given));
        }
        if ((! is_int($given) && ! is_float($given)) || ! is_finite((float) $given) || ($field->kind === FieldKind::Count && (float) $given !== floor((float) $given))) {
            $this->report($at, 'expected a '.($field->kind === FieldKind::Count ? 'whole ' : '').'number'.($field->unit === '' ? '.' : " of {$field->unit}."));

            return null;
        }

        if (abs((float) $given) > self::MAX) {
            $this->report($at, sprintf('%g is beyond what is worked out here (%g).', $given, self::MAX));

            return null;
        }

        return (float) $given;
    }

    /** @return list<string> */
    private function names(Field $field, mixed $given, string $at): array
    {
        $given = $this->typed && is_string($given) ? preg_split('/\s*[,;]\s*|\s+/', trim($given)) : $given;
        if (! is_array($given) || ! array_is_list($given) || count($given) < $field->minCount || count($given) > $field->maxCount) {
            $this->report($at, "expected at least {$field->minCount} names in a list.");

            return [];
        }

        return array_map(fn (int $i, mixed $one): string => is_string($one) && mb_strlen($one) <= 200 ? $one : (string) $this->report("{$at}[$i]", 'expected a name.'), array_keys($given), $given);
    }

    /** @return list<Values> */
    private function entries(Field $field, mixed $given, string $at): array
    {
        if (! is_array($given) || ! array_is_list($given)) {
            $this->report($at, 'expected a list.');

            return [];
        }
        if (count($given) < $field->minCount || count($given) > $field->maxCount) {
            $this->report($at, sprintf('%d entries; %s takes from %d to %d.', count($given), $field->label, $field->minCount, $field->maxCount));

            return [];
        }

        return array_map(fn (int $i, mixed $one): Values => $this->group($field->fields, $field->short !== '' && ! is_array($one) ? [$field->short => $one] : $one, "{$at}[$i]"), array_keys($given), $given);
    }

    private function at(string $path, string $name): string
    {
        return $path === '' ? $name : "$path.$name";
    }

    private function report(string $path, string $message): null
    {
        $this->problems[] = "$path: $message";

        return null;
    }
}
