<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\Section;

/** One way in which a made-up frame is bent; amount in mm, signed as the findings are. */
final readonly class Damage
{
    /** @param  'left'|'right'|null  $side  for a short rail */
    public function __construct(public Pattern $pattern, public Section $section, public float $amount, public ?string $side = null) {}
}
