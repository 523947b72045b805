<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

/** What became of a reading in the computation. */
enum ReadingStatus: string
{
    case Used = 'used';
    case Suspect = 'suspect';
    case Struck = 'struck';
}
