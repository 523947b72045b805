<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Reference\Movement\Movement;

/** What moved between two surveys, or why that cannot be said. */
final readonly class FoundMovement
{
    /** @param  list<Movement>  $movements */
    public function __construct(public Frame $frame, public array $movements, public ?Trouble $trouble = null) {}
}
