<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Words\Sentence;

/** Stations at which a rule refuses a cut; its ends are allowed; mm. */
final readonly class ForbiddenProps
{
    public function __construct(public string $rule, public string $label, public float $from, public float $to, public Sentence $why) {}
}
