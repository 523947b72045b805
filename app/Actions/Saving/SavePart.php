<?php

declare(strict_types=1);

namespace App\Actions\Saving;

use App\Documents\Parts\Revision;
use App\Documents\Parts\SavedPart;
use App\Models\Job;
use App\Models\Workshop;
use Closure;
use Illuminate\Support\Facades\DB;

/** Saves a part that a person has read and changed, unless somebody else saved another one meanwhile: then nothing is stored. */
final readonly class SavePart
{
    /**
     * @template TOwner of Job|Workshop
     *
     * @param  SavedPart<TOwner>  $part
     * @param  TOwner  $owner
     * @param  ?string  $readAt  revision it was read at; null where nobody read it before
     * @param  Closure(): mixed  $save
     *
     * @throws StaleSave
     */
    public function handle(SavedPart $part, Job|Workshop $owner, ?string $readAt, Closure $save): void
    {
        DB::transaction(function () use ($part, $owner, $readAt, $save): void {
            $owner->newQuery()->whereKey($owner->getKey())->lockForUpdate()->firstOrFail();
            $theirs = $part->state($owner);
            $save();
            if ($readAt === null || $readAt === Revision::ofState($theirs)) {
                return;
            }
            $mine = $part->state($owner);
            // Sending the same once more changes nothing, and so overwrites nothing.
            if (Revision::ofState($mine) !== Revision::ofState($theirs)) {
                throw new StaleSave($part->name(), $theirs, $mine);
            }
        });
    }
}
