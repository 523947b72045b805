<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators;

use Geodex\Core\Fields\FieldKind;

/** One thing that a calculator gives. */
final readonly class Result
{
    /**
     * @param  string  $name  key in a document
     * @param  string  $unit  of a number
     * @param  list<Result>  $results  of a group, or of each row of a table
     */
    public function __construct(public string $name, public string $label, public FieldKind $kind, public string $unit = '', public array $results = []) {}

    public static function length(string $name, string $label): self
    {
        return new self($name, $label, FieldKind::Length);
    }

    /** Several lengths by name. */
    public static function lengths(string $name, string $label): self
    {
        return new self($name, $label, FieldKind::Lengths);
    }

    /** How many of something. */
    public static function count(string $name, string $label): self
    {
        return new self($name, $label, FieldKind::Count);
    }

    /** Several numbers by name, of one unit. */
    public static function numbers(string $name, string $label, string $unit): self
    {
        return new self($name, $label, FieldKind::Group, $unit);
    }

    /** The name of something that was given, such as of a bracket. */
    public static function named(string $name, string $label): self
    {
        return new self($name, $label, FieldKind::Names);
    }

    /** One of a few words, such as “open”. */
    public static function word(string $name, string $label): self
    {
        return new self($name, $label, FieldKind::Choice);
    }

    /** @param  list<Result>  $results */
    public static function group(string $name, string $label, array $results): self
    {
        return new self($name, $label, FieldKind::Group, results: $results);
    }

    /** @param  list<Result>  $results  of each row */
    public static function table(string $name, string $label, array $results): self
    {
        return new self($name, $label, FieldKind::Listing, results: $results);
    }

    public static function number(string $name, string $label, string $unit = ''): self
    {
        return new self($name, $label, FieldKind::Number, $unit);
    }

    public static function truth(string $name, string $label): self
    {
        return new self($name, $label, FieldKind::Truth);
    }

    public static function sentence(string $name, string $label): self
    {
        return new self($name, $label, FieldKind::Text);
    }
}
