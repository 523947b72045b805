<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators;

use Geodex\Core\Fields\FieldKind;

/** One thing that a calculator gave before and gives now, with the limit it is held to and how it stands to that. */
final readonly class ComparedRow
{
    /** What differs by less is told with the same digits: mm, or of its unit. */
    private const SAME_MM = 0.05;

    private const SAME = 5e-4;

    /**
     * @param  string  $what  labels from the outermost group inward
     * @param  float|int|string|bool|null  $before  as the calculator gave it (mm)
     * @param  float|int|string|bool|null  $after  the same
     * @param  ?float  $limit  in the row's unit
     * @param  ?string  $state  a word such as “in” or “over”
     */
    public function __construct(public string $what, public FieldKind $kind, public string $unit, public float|int|string|bool|null $before, public float|int|string|bool|null $after, public ?float $limit, public ?string $state) {}

    public function changes(): bool
    {
        return is_numeric($this->before) && is_numeric($this->after) ? abs($this->before - $this->after) > ($this->kind === FieldKind::Length ? self::SAME_MM : self::SAME) : $this->before !== null && $this->before !== $this->after;
    }
}
