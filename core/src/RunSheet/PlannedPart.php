<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

use Geodex\Core\Parts\PartState;

/** A part as the run sheet needs it. */
final readonly class PlannedPart
{
    /**
     * @param  string  $operation  whose joint it belongs to; empty for none
     * @param  ?int  $mirrors  part whose mirror image it is
     * @param  bool  $closes  whether the rail is shut once it is on
     */
    public function __construct(public int $id, public string $title, public string $operation, public int $count, public PartState $state, public ?int $mirrors, public bool $closes = false) {}
}
