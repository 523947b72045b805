<?php

declare(strict_types=1);

namespace App\Models;

use Geodex\Core\Calculators\RunningGear\GearSheet;
use Geodex\Core\Calculators\RunningGear\SheetPoints;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\PartDrawings;
use Geodex\Core\Parts\PartState;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * Something that is made for a job: one calculator with what was entered, and what it is made of.
 *
 * @property int $id
 * @property int $job_id
 * @property string $tool
 * @property string $title
 * @property array<string, mixed> $given  mm
 * @property ?array<string, mixed> $facts  what asked for it said when it was taken, mm
 * @property ?string $asked_by
 * @property int $count
 * @property 'left'|'right'|'either' $side
 * @property string $material
 * @property string $used  where on the vehicle
 * @property ?array<string, string> $points  of the survey, by path of the field
 * @property string $stock
 * @property PartState $state
 * @property ?array{by: string, at: string, note: string} $first_article
 * @property ?int $mirrors  the part whose mirror image it is
 * @property ?int $user_id
 * @property Carbon $updated_at
 * @property ?User $user
 * @property ?Part $mirrored  the original, where it is a mirror image
 * @property Collection<int, Part> $images
 * @property Job $job
 */
final class Part extends Model
{
    protected $guarded = ['id'];

    protected $casts = ['given' => 'array', 'facts' => 'array', 'first_article' => 'array', 'points' => 'array', 'count' => 'int', 'state' => PartState::class];

    /** @return array<string, mixed> what it is worked out of: that of the original, where it is its mirror image */
    public function made(): array
    {
        return $this->mirrored === null ? $this->given : $this->mirrored->given;
    }

    public function sheet(): GearSheet
    {
        return new GearSheet($this->tool, $this->made(), $this->facts ?? []);
    }

    /** @return list<PartDrawing> */
    public function drawings(): array
    {
        return $this->worked()['drawings'];
    }

    /** @return array{result: array<string, mixed>, drawings: list<PartDrawing>} */
    public function worked(): array
    {
        $worked = PartDrawings::worked($this->tool, $this->made());

        return ['result' => $worked['result'], 'drawings' => array_map(fn (PartDrawing $one): PartDrawing => ($this->mirrors === null ? $one : $one->reflected())->etched($this->side === 'either' ? '' : mb_strtoupper($this->side)), $worked['drawings'])];
    }

    public function fromSurvey(): SheetPoints
    {
        return new SheetPoints($this->points ?? []);
    }

    /**
     * What a person entered.
     *
     * @return array<string, mixed>
     */
    public function entered(): array
    {
        return ['title' => $this->title, 'given' => $this->made(), 'count' => $this->count, 'side' => $this->side, 'material' => $this->material, 'used' => $this->used, 'stock' => $this->stock];
    }

    /** @return BelongsTo<Part, $this> */
    public function mirrored(): BelongsTo
    {
        return $this->belongsTo(self::class, 'mirrors');
    }

    /** @return HasMany<Part, $this> */
    public function images(): HasMany
    {
        return $this->hasMany(self::class, 'mirrors');
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
