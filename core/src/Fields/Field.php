<?php

declare(strict_types=1);

namespace Geodex\Core\Fields;

/** One thing that is asked for: the form on screen, the command line and the documents are all drawn from it. */
final readonly class Field
{
    /**
     * @param  string  $name  key in a document
     * @param  string  $label  what it is, as a form asks for it
     * @param  string  $unit  of a number: “°”, “kg”, “rev/min”
     * @param  mixed  $default  where it is not given; null has none
     * @param  ?float  $least  smallest number allowed (mm for a length); with $over, itself not allowed
     * @param  list<string>  $choices
     * @param  list<Field>  $fields  of a group, or of each entry of a list
     * @param  int  $fewest  entries of a list
     */
    private function __construct(
        public string $name,
        public string $label,
        public FieldKind $kind,
        public string $unit = '',
        public bool $isRequired = true,
        public mixed $default = null,
        public string $help = '',
        public ?float $least = null,
        public ?float $greatest = null,
        public bool $over = false,
        public array $choices = [],
        public array $fields = [],
        public int $fewest = 0,
        public int $most = 200,
    ) {}

    public static function length(string $name, string $label, string $help = ''): self
    {
        return new self($name, $label, FieldKind::Length, help: $help);
    }

    public static function number(string $name, string $label, string $unit = '', string $help = ''): self
    {
        return new self($name, $label, FieldKind::Number, $unit, help: $help);
    }

    /** So many numbers in order, such as a window from one to another. */
    public static function numbers(string $name, string $label, string $unit, int $many, string $help = ''): self
    {
        return new self($name, $label, FieldKind::Numbers, $unit, help: $help, fewest: $many, most: $many);
    }

    public static function count(string $name, string $label, string $help = ''): self
    {
        return new self($name, $label, FieldKind::Count, help: $help);
    }

    /** @param  list<string>  $choices */
    public static function choice(string $name, string $label, array $choices, string $help = ''): self
    {
        return new self($name, $label, FieldKind::Choice, help: $help, choices: $choices);
    }

    public static function truth(string $name, string $label, string $help = ''): self
    {
        return new self($name, $label, FieldKind::Truth, help: $help);
    }

    public static function text(string $name, string $label, string $help = ''): self
    {
        return new self($name, $label, FieldKind::Text, help: $help);
    }

    /** @param  list<Field>  $fields */
    public static function group(string $name, string $label, array $fields, string $help = ''): self
    {
        return new self($name, $label, FieldKind::Group, help: $help, fields: $fields);
    }

    /** @param  list<Field>  $fields */
    public static function listing(string $name, string $label, array $fields, int $fewest = 1, int $most = 200, string $help = ''): self
    {
        return new self($name, $label, FieldKind::Listing, help: $help, fields: $fields, fewest: $fewest, most: $most);
    }

    /** Not asked for at all costs: not given is not zero. */
    public function optional(): self
    {
        return $this->with(['isRequired' => false]);
    }

    /** Taken for this where it is not given. */
    public function defaults(mixed $value): self
    {
        return $this->with(['isRequired' => false, 'default' => $value]);
    }

    /** More than zero. */
    public function positive(): self
    {
        return $this->with(['least' => 0.0, 'over' => true]);
    }

    public function between(?float $least, ?float $greatest): self
    {
        return $this->with(['least' => $least, 'greatest' => $greatest, 'over' => false]);
    }

    /** What is allowed, in words. */
    public function range(): string
    {
        $unit = $this->kind === FieldKind::Length ? ' mm' : ($this->unit === '' ? '' : " {$this->unit}");

        return match (true) {
            $this->least !== null && $this->greatest !== null => sprintf('from %g to %g%s', $this->least, $this->greatest, $unit),
            $this->least !== null => sprintf('%s %g%s', $this->over ? 'more than' : 'at least', $this->least, $unit),
            $this->greatest !== null => sprintf('at most %g%s', $this->greatest, $unit),
            default => '',
        };
    }

    public function allows(float $value): bool
    {
        return ($this->least === null || ($this->over ? $value > $this->least : $value >= $this->least)) && ($this->greatest === null || $value <= $this->greatest);
    }

    /** @param  array<string, mixed>  $change */
    private function with(array $change): self
    {
        return new self(...[...get_object_vars($this), ...$change]);
    }
}
