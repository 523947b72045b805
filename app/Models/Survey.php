<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;

/**
 * @property int $id
 * @property int $job_id
 * @property string $code
 * @property string $name  as people call it; empty: by its code
 * @property string $stage
 * @property int $revision counts every change of the log, so that a screen can tell whether it is behind
 * @property ?int $facts_revision
 * @property ?array<string, mixed> $facts what the list says of it, computed at that revision
 * @property bool $to_target held against the frame as planned
 * @property Job $job
 */
final class Survey extends Model
{
    protected $fillable = ['job_id', 'code', 'name', 'stage', 'to_target'];

    protected $casts = ['facts' => 'array', 'to_target' => 'bool'];

    protected $attributes = ['revision' => 0, 'name' => '', 'to_target' => false];

    public function called(): string
    {
        return $this->name === '' ? $this->code : $this->name;
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return list<string> readings that cannot be taken on this frame */
    public function blocked(): array
    {
        /** @var list<string> */
        return DB::table('blocked_readings')->where('survey_id', $this->id)->orderBy('created_at')->pluck('reading')->all();
    }

    /** @return HasMany<DatumDecision, $this> the oldest first */
    public function datumDecisions(): HasMany
    {
        return $this->hasMany(DatumDecision::class)->orderBy('id');
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(Reading::class)->orderBy('number');
    }
}
