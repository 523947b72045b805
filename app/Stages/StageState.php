<?php

declare(strict_types=1);

namespace App\Stages;

/** How far a stage is. */
enum StageState: string
{
    case Done = 'done';
    case Open = 'open';
    /** Nothing can be done here until another stage is further. */
    case Waiting = 'waiting';
}
