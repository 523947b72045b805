<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Models\Job;
use App\Models\Workshop;

/** What a screen holds to say which state of a part it was read in. */
final readonly class Revision
{
    /**
     * @template TOwner of Job|Workshop
     *
     * @param  SavedPart<TOwner>  $part
     * @param  TOwner  $owner
     */
    public static function of(SavedPart $part, Job|Workshop $owner): string
    {
        return self::ofState($part->state($owner));
    }

    public static function ofState(mixed $state): string
    {
        return substr(sha1(json_encode($state, JSON_THROW_ON_ERROR)), 0, 16);
    }
}
