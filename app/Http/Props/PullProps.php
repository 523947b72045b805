<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Words\Sentence;

/** One pull towards the reference, in its order; mm. */
final readonly class PullProps
{
    /**
     * @param  'sidesway'|'sag'|'short-rail'|'twist'|'diamond'  $pattern
     * @param  'front'|'centre'|'rear'  $section
     * @param  list<string>  $points
     * @param  list<PullCheckProps>  $checks
     */
    public function __construct(public int $order, public string $pattern, public string $section, public array $points, public float $amount, public float $expanded, public string $direction, public Sentence $text, public array $checks) {}
}
