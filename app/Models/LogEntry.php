<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Something that happened while a job was done. Never changed and never deleted: a later entry supersedes it.
 *
 * @property int $id
 * @property int $job_id
 * @property string $client_id
 * @property string $step  id of the step; empty for the job
 * @property 'begun'|'done'|'reopened'|'reading'|'run'|'temperature'|'note'|'otherwise'|'stop'|'picture'|'voice' $kind
 * @property string $text
 * @property ?array<string, mixed> $data
 * @property ?int $picture_id
 * @property ?int $recording_id
 * @property ?int $supersedes
 * @property ?int $user_id
 * @property Carbon $created_at  when it was written
 * @property ?Carbon $arrived_at  where it waited for a network
 * @property ?User $user
 */
final class LogEntry extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = ['id'];

    protected $casts = ['data' => 'array', 'created_at' => 'datetime', 'arrived_at' => 'datetime'];

    /**
     * Entries that a later one stands in the place of.
     *
     * @param  Collection<int, self>  $entries
     * @return array<int, true> by id
     */
    public static function superseded(Collection $entries): array
    {
        $superseded = [];
        foreach ($entries as $entry) {
            $superseded += $entry->supersedes === null ? [] : [$entry->supersedes => true];
        }

        return $superseded;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
