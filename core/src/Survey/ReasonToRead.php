<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

/** Why a reading is suggested. */
enum ReasonToRead: string
{
    case Deciding = 'deciding';
    case Unread = 'unread';
    case Loose = 'loose';
    case Undecided = 'undecided';
    case Unchecked = 'unchecked';
}
