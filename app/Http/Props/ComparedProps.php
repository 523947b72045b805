<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Calculators\ComparedRow;

/** One thing that a sheet gave before the plan and gives after it; lengths in mm. */
final readonly class ComparedProps
{
    public function __construct(public string $what, public string $kind, public string $unit, public float|int|string|bool|null $before, public float|int|string|bool|null $after, public ?float $limit, public ?string $state, public bool $changes) {}

    public static function from(ComparedRow $row): self
    {
        return new self($row->what, $row->kind->value, $row->unit, $row->before, $row->after, $row->limit, $row->state, $row->changes());
    }
}
