<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Chassis\ChassisPart;

/** One list of a frame: what its rows ask for, and the rows; lengths in mm, stations given from something else in their words. */
final readonly class ChassisListProps
{
    /**
     * @param  list<FieldProps>  $fields
     * @param  list<array<string, mixed>>  $rows
     */
    public function __construct(public string $list, public string $label, public string $purpose, public int $maxCount, public array $fields, public array $rows) {}

    /**
     * @param  class-string<ChassisPart>  $class
     * @param  list<array<string, mixed>>  $rows
     */
    public static function from(string $class, array $rows): self
    {
        return new self($class::list(), $class::label(), $class::purpose(), $class::maxCount(), array_map(FieldProps::from(...), $class::fields()), $rows);
    }
}
