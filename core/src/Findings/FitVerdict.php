<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Words\Sentence;

/** Whether a frame may be cut, with the reasons. It says what the readings show, and approves nothing. */
final readonly class FitVerdict
{
    /**
     * @param  list<Sentence>  $reasons
     */
    public function __construct(public FitState $state, public array $reasons) {}
}
