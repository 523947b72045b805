<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

/** What is measured before the work goes on past a step; mm. */
final readonly class Hold
{
    /**
     * @param  string  $what  that is read
     * @param  ?float  $target  what it has to come to at the end; null where it is looked at and not measured
     * @param  ?float  $tolerance  about the target
     * @param  string  $stage  of the weld that it is read at: tack, root, stage or cold
     * @param  ?float  $pendingSigma  how well that is known
     * @param  int  $cases  of the shop that it rests on
     * @param  ?float  $pending  what shrinkage is expected to change it by yet; null where nothing is known of it
     */
    public function __construct(public string $what, public ?float $target = null, public ?float $tolerance = null, public string $stage = 'cold', public ?float $pending = null, public ?float $pendingSigma = null, public int $cases = 0) {}
}
