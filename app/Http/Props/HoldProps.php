<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\RunSheet\Holds\Hold;
use Geodex\Core\RunSheet\Holds\HoldVerdict;

/** What is measured before the work goes on; mm. */
final readonly class HoldProps
{
    /**
     * @param  list<'look'|'marks'|'heights'|'survey'|'picture'>  $ways  in which it may be settled
     * @param  ?float  $from  the least reading that lets go on
     * @param  ?float  $to  the greatest
     */
    public function __construct(public string $what, public ?float $target, public ?float $tolerance, public ?float $pending, public ?float $pendingSigma, public int $cases, public string $stage, public array $ways, public ?float $from, public ?float $to) {}

    public static function from(Hold $hold): self
    {
        $between = $hold->goesOnBetween(HoldVerdict::SIGMA);

        return new self($hold->what, $hold->target, $hold->tolerance, $hold->pending, $hold->pendingSigma, $hold->cases, $hold->stage, $hold->ways, $between[0] ?? null, $between[1] ?? null);
    }
}
