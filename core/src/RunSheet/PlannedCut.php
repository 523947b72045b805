<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

use Geodex\Core\RunSheet\Holds\ShrinkageBook;

/** A cut of a plan, as the run sheet needs it; mm. */
final readonly class PlannedCut
{
    /**
     * @param  float  $after  what the witness marks read at the end
     * @param  ?ShrinkageBook  $book  what all joints of it will draw in together; null where nothing is known of it
     */
    public function __construct(public string $operation, public string $title, public bool $hasInsert, public float $before, public float $after, public ?ShrinkageBook $book) {}
}
