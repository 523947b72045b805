<?php

declare(strict_types=1);

namespace Geodex\Core\Fields;

use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthUnit;

/** One thing that is asked for: the form on screen, the command line and the documents are all drawn from it. */
final readonly class Field
{
    /**
     * @param  string  $name  key in a document
     * @param  string  $label  what it is, as a form asks for it
     * @param  string  $unit  of a number: “°”, “kg”, “rev/min”
     * @param  mixed  $default  where it is not given; null has none
     * @param  ?float  $min  smallest number allowed (mm for a length); with $over, itself not allowed
     * @param  list<string>  $choices
     * @param  list<Field>  $fields  of a group, or of each entry of a list
     * @param  int  $minCount  entries of a list
     * @param  bool  $isStation  whether it is a place along the frame, which the drawing lets one drag
     * @param  int  $size  lengths of each place
     * @param  string  $names  list of the frame whose ids it takes
     * @param  bool  $mayMiss  whether one of its numbers may be none: not read
     * @param  string  $short  field of an entry that stands for the entry where a bare value is given
     * @param  bool  $bulges  whether a place may carry a third number, the bulge of the arc that follows
     * @param  string  $proposal  name of the shop default that an empty form starts with
     */
    private function __construct(
        public string $name,
        public string $label,
        public FieldKind $kind,
        public string $unit = '',
        public bool $isRequired = true,
        public mixed $default = null,
        public string $help = '',
        public ?float $min = null,
        public ?float $max = null,
        public bool $over = false,
        public array $choices = [],
        public array $fields = [],
        public int $minCount = 0,
        public int $maxCount = 200,
        public bool $isStation = false,
        public string $proposal = '',
        public int $size = 0,
        public string $names = '',
        public bool $mayMiss = false,
        public string $short = '',
        public bool $bulges = false,
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
        return new self($name, $label, FieldKind::Numbers, $unit, help: $help, minCount: $many, maxCount: $many);
    }

    /** Numbers in order, as many as there are. */
    public static function series(string $name, string $label, string $unit, int $minCount = 1, int $maxCount = 200, string $help = ''): self
    {
        return new self($name, $label, FieldKind::Numbers, $unit, help: $help, minCount: $minCount, maxCount: $maxCount);
    }

    /** So many lengths in order: a place, or stations. */
    public static function lengths(string $name, string $label, int $minCount, ?int $maxCount = null, string $help = ''): self
    {
        return new self($name, $label, FieldKind::Lengths, help: $help, minCount: $minCount, maxCount: $maxCount ?? $minCount);
    }

    /** Places in order, each of so many lengths. */
    public static function places(string $name, string $label, int $size, int $minCount = 1, string $help = ''): self
    {
        return new self($name, $label, FieldKind::Places, help: $help, minCount: $minCount, size: $size);
    }

    /** Corners of an outline, each with the bulge of the arc that follows it, if one does. */
    public static function outline(string $name, string $label, string $help = ''): self
    {
        return new self($name, $label, FieldKind::Places, help: $help, minCount: 1, size: 2, bulges: true);
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

    /** Names in order, such as of points. */
    public static function names(string $name, string $label, string $help = '', int $minCount = 1): self
    {
        return new self($name, $label, FieldKind::Names, help: $help, minCount: $minCount);
    }

    /** @param  list<Field>  $fields */
    public static function group(string $name, string $label, array $fields, string $help = ''): self
    {
        return new self($name, $label, FieldKind::Group, help: $help, fields: $fields);
    }

    /** @param  list<Field>  $fields */
    public static function listing(string $name, string $label, array $fields, int $minCount = 1, int $maxCount = 200, string $help = ''): self
    {
        return new self($name, $label, FieldKind::Listing, help: $help, fields: $fields, minCount: $minCount, maxCount: $maxCount);
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

    /** What it is taken for is known elsewhere. */
    public function withoutDefault(): self
    {
        return $this->with(['default' => null]);
    }

    /** More than zero. */
    public function positive(): self
    {
        return $this->with(['min' => 0.0, 'over' => true]);
    }

    public function between(?float $min, ?float $max): self
    {
        return $this->with(['min' => $min, 'max' => $max, 'over' => false]);
    }

    /** One of its numbers may be none: it was not read. */
    public function mayMiss(): self
    {
        return $this->with(['mayMiss' => true]);
    }

    /** A bare value in place of an entry is taken for one of its fields. */
    public function shortFor(string $field): self
    {
        return $this->with(['short' => $field]);
    }

    /** A place along the frame. */
    public function station(): self
    {
        return $this->with(['isStation' => true]);
    }

    /** The id of something in a list of the frame. */
    public function naming(string $list): self
    {
        return $this->with(['names' => $list]);
    }

    /** An empty form starts with what the shop has set for this. */
    public function proposing(string $shopDefault): self
    {
        return $this->with(['proposal' => $shopDefault]);
    }

    /** Unit of its numbers, as they are given in a document and kept. */
    public function unit(): string
    {
        return in_array($this->kind, [FieldKind::Length, FieldKind::Lengths, FieldKind::Places], true) ? 'mm' : $this->unit;
    }

    /** What is allowed, in words of the reader's unit. */
    public function range(LengthUnit $unit = LengthUnit::Millimetre): string
    {
        [$min, $max] = [$this->said($this->min, $unit), $this->said($this->max, $unit)];
        $of = $this->kind === FieldKind::Length ? " {$unit->value}" : ($this->unit === '' ? '' : " {$this->unit}");

        return match (true) {
            $this->min !== null && $this->max !== null => $this->over ? "more than $min and at most $max$of" : "from $min to $max$of",
            $this->min !== null => ($this->over ? 'more than ' : 'at least ').$min.$of,
            $this->max !== null => "at most $max$of",
            default => '',
        };
    }

    /** A number of this field in the reader's unit, without it. */
    public function said(?float $number, LengthUnit $unit): string
    {
        return sprintf('%g', $this->kind === FieldKind::Length && $unit === LengthUnit::Inch ? round(($number ?? 0.0) / Length::MILLIMETRES_PER_INCH, 3) : $number);
    }

    public function allows(float $value): bool
    {
        return ($this->min === null || ($this->over ? $value > $this->min : $value >= $this->min)) && ($this->max === null || $value <= $this->max);
    }

    /** @param  array<string, mixed>  $change */
    private function with(array $change): self
    {
        return new self(...[...get_object_vars($this), ...$change]);
    }
}
