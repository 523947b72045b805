<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Calculators\Result;

/** One thing that a quick tool gives. */
final readonly class ToolResultProps
{
    /**
     * @param  string  $kind  as of a field
     * @param  list<ToolResultProps>  $results  of a group, or of each row of a table
     */
    public function __construct(public string $name, public string $label, public string $kind, public string $unit, public array $results) {}

    public static function from(Result $result): self
    {
        return new self($result->name, $result->label, $result->kind->value, $result->unit, results: array_map(self::from(...), $result->results));
    }
}
