<?php

declare(strict_types=1);

namespace App\Actions\Saving;

use App\Models\Job;
use App\Models\Workshop;
use Closure;
use Illuminate\Support\Facades\DB;

/** Saves a part that a person has read and changed, unless somebody else saved another one meanwhile: then nothing is stored. */
final readonly class SavePart
{
    /**
     * @param  ?string  $readAt  revision it was read at; null where nobody read it before
     * @param  Closure(): mixed  $save
     *
     * @throws StaleSave
     */
    public function handle(Part $part, Job|Workshop $owner, ?string $readAt, Closure $save): void
    {
        DB::transaction(function () use ($part, $owner, $readAt, $save): void {
            $owner->newQuery()->whereKey($owner->getKey())->lockForUpdate()->firstOrFail();
            $theirs = $part->state($owner);
            $save();
            if ($readAt === null || $readAt === Part::of($theirs)) {
                return;
            }
            $mine = $part->state($owner);
            // Sending the same once more changes nothing, and so overwrites nothing.
            if (Part::of($mine) !== Part::of($theirs)) {
                throw new StaleSave($part, $theirs, $mine);
            }
        });
    }
}
