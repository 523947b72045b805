<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Parts\PartDrawings;

/** A quick tool: what it asks for, and what it gives. */
final readonly class ToolProps
{
    /**
     * @param  list<FieldProps>  $fields
     * @param  list<ToolResultProps>  $results
     */
    public function __construct(public string $name, public string $title, public string $purpose, public string $source, public array $fields, public array $results, public string $href, public string $group, public bool $draws) {}

    /** @param  class-string<Calculator>  $tool */
    public static function from(string $tool): self
    {
        return new self(
            name: $tool::name(), title: $tool::title(), purpose: $tool::purpose(), source: $tool::source(),
            fields: array_map(FieldProps::from(...), $tool::fields()),
            results: array_map(ToolResultProps::from(...), $tool::results()),
            href: route('tool', $tool::name()), group: Calculators::group($tool), draws: PartDrawings::draws($tool::name()),
        );
    }
}
