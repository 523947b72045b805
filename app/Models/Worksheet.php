<?php

declare(strict_types=1);

namespace App\Models;

use Geodex\Core\Calculators\RunningGear\GearSheet;
use Geodex\Core\Calculators\RunningGear\SheetPoints;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A sheet of the running gear: one calculator with what was entered for this job.
 *
 * @property int $id
 * @property int $job_id
 * @property string $tool
 * @property string $title
 * @property array<string, mixed> $given  mm
 * @property array<string, mixed> $facts  that it started from, mm
 * @property ?array<string, string> $points  of the survey, by path of the field
 * @property ?int $user_id
 * @property Carbon $updated_at
 * @property ?User $user
 * @property Job $job
 */
final class Worksheet extends Model
{
    protected $guarded = ['id'];

    protected $casts = ['given' => 'array', 'facts' => 'array', 'points' => 'array'];

    public function sheet(): GearSheet
    {
        return new GearSheet($this->tool, $this->given, $this->facts);
    }

    public function fromSurvey(): SheetPoints
    {
        return new SheetPoints($this->points ?? []);
    }

    /**
     * What a person entered.
     *
     * @return array{title: string, given: array<string, mixed>}
     */
    public function entered(): array
    {
        return ['title' => $this->title, 'given' => $this->given];
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
