<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation\Practice;

use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\Section;
use Geodex\Core\Simulation\Damage;

/** What a trainee says is bent, and which way. */
final readonly class Statement
{
    /**
     * @param  bool  $positive  the way of a positive amount, as in docs/formulas.md, "Findings"
     * @param  'left'|'right'|null  $side  for a short rail
     */
    public function __construct(public Pattern $pattern, public Section $section, public bool $positive, public ?string $side = null) {}

    public function names(Damage $damage): bool
    {
        return $this->pattern === $damage->pattern && $this->section === $damage->section && $this->side === $damage->side;
    }

    public function hasTheWayOf(Damage $damage): bool
    {
        return $this->positive === $damage->amount > 0;
    }
}
