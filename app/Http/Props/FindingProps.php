<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Findings\Finding;
use Geodex\Core\Words\Sentence;

/** What the deviations mean together; mm. */
final readonly class FindingProps
{
    /** @param  list<string>  $points */
    public function __construct(
        public string $pattern,
        public string $section,
        public ?string $side,
        public float $amount,
        public float $expanded,
        public bool $significant,
        public Sentence $text,
        public array $points,
    ) {}

    public static function from(Finding $finding): self
    {
        return new self(
            pattern: $finding->pattern->value, section: $finding->section->value, side: $finding->side, amount: $finding->amount,
            expanded: $finding->expanded, significant: $finding->significant, text: $finding->text, points: $finding->points,
        );
    }
}
