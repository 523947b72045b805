<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;

/** A quick tool: what it asks for, and what it gives. */
final readonly class ToolProps
{
    /**
     * @param  list<FieldProps>  $fields
     * @param  list<ToolResultProps>  $results
     */
    public function __construct(public string $name, public string $title, public string $purpose, public string $source, public array $fields, public array $results, public string $href) {}

    /** @param  class-string<Calculator>  $tool */
    public static function from(string $tool): self
    {
        return new self(
            $tool::name(), $tool::title(), $tool::purpose(), $tool::source(),
            array_map(FieldProps::from(...), $tool::fields()),
            array_map(fn (Result $result): ToolResultProps => new ToolResultProps($result->name, $result->label, $result->kind->value, $result->unit), $tool::results()),
            route('tool', $tool::name()),
        );
    }
}
