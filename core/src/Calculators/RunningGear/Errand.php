<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Words\Sentence;

/** Something to be made, bought, sent out, or settled first because a limit is not kept. */
final readonly class Errand
{
    public function __construct(public ErrandKind $kind, public string $of, public Sentence $say) {}
}
