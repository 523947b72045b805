<?php

declare(strict_types=1);

namespace Geodex\Core\Fields;

use Geodex\Core\Geometry\Vector3;

/** What was given for some fields: read, in range, and with defaults filled in. Lengths are in mm; what was not given is null. */
final readonly class Values
{
    /** @param  array<string, mixed>  $values  by the names of fields */
    public function __construct(private array $values) {}

    /** @return array<string, mixed> with the values of groups and lists laid out */
    public function toArray(): array
    {
        return array_map($this->plain(...), $this->values);
    }

    public function has(string $name): bool
    {
        return ($this->values[$name] ?? null) !== null;
    }

    /** As a document has it: a station given from something else in its words, any other length in mm. */
    public function given(string $name): float|string|null
    {
        $value = $this->values[$name] ?? null;

        return $value instanceof Placed ? $value->text : $this->optional($name);
    }

    /** A length (mm), number or count that has to be there or has a default. */
    public function number(string $name): float
    {
        return $this->optional($name) ?? throw new \LogicException("The field $name has no value and no default.");
    }

    public function optional(string $name): ?float
    {
        $value = $this->values[$name] ?? null;
        $value = $value instanceof Placed ? $value->mm : $value;

        return is_float($value) || is_int($value) ? (float) $value : null;
    }

    /** @return list<float> */
    public function numbers(string $name): array
    {
        $value = $this->values[$name] ?? [];

        return is_array($value) ? array_values(array_filter($value, is_float(...))) : [];
    }

    /** @return list<?float> numbers in order, with none where one was not read */
    public function readings(string $name): array
    {
        $value = $this->values[$name] ?? [];

        return is_array($value) ? array_values(array_map(fn (mixed $one): ?float => is_float($one) ? $one : null, $value)) : [];
    }

    /** A place of three lengths; null where it was not given. */
    public function place(string $name): ?Vector3
    {
        $at = $this->numbers($name);

        return count($at) === 3 ? Vector3::of($at[0], $at[1], $at[2]) : null;
    }

    /** @return list<list<float>> */
    public function places(string $name): array
    {
        $value = $this->values[$name] ?? [];

        return is_array($value) ? array_values(array_map(fn (mixed $one): array => is_array($one) ? array_values(array_filter($one, is_float(...))) : [], $value)) : [];
    }

    public function text(string $name): string
    {
        $value = $this->values[$name] ?? '';

        return is_string($value) ? $value : '';
    }

    /** @return list<string> */
    public function names(string $name): array
    {
        $value = $this->values[$name] ?? [];

        return is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }

    public function truth(string $name): bool
    {
        return ($this->values[$name] ?? false) === true;
    }

    public function group(string $name): ?self
    {
        $value = $this->values[$name] ?? null;

        return $value instanceof self ? $value : null;
    }

    /** A group that has to be there. */
    public function within(string $name): self
    {
        return $this->group($name) ?? throw new \LogicException("The group $name is not there.");
    }

    /** @return list<Values> */
    public function list(string $name): array
    {
        $value = $this->values[$name] ?? [];

        return is_array($value) ? array_values(array_filter($value, fn (mixed $one): bool => $one instanceof self)) : [];
    }

    private function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof self => $value->toArray(),
            $value instanceof Placed => $value->text,
            is_array($value) => array_map($this->plain(...), $value),
            default => $value,
        };
    }
}
