<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\RunSheet\Hold;

/** What is measured before the work goes on; mm. */
final readonly class HoldProps
{
    public function __construct(public string $what, public ?float $target, public ?float $tolerance, public ?float $pending, public ?float $pendingSigma, public int $cases, public string $stage) {}

    public static function from(Hold $hold): self
    {
        return new self($hold->what, $hold->target, $hold->tolerance, $hold->pending, $hold->pendingSigma, $hold->cases, $hold->stage);
    }
}
