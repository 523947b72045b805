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
     */
    public function __construct(public string $name, public string $label, public FieldKind $kind, public string $unit = '') {}

    public static function length(string $name, string $label): self
    {
        return new self($name, $label, FieldKind::Length);
    }

    /** Several lengths by name. */
    public static function lengths(string $name, string $label): self
    {
        return new self($name, $label, FieldKind::Group);
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
