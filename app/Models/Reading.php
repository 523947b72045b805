<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * A row of the logbook: added once, never changed.
 *
 * @property int $id
 * @property int $survey_id
 * @property string $client_id
 * @property int $number
 * @property string $kind
 * @property int $from_point_id
 * @property ?int $to_point_id
 * @property string $typed
 * @property 'mm'|'in'|'deg' $typed_unit
 * @property ?float $value_mm
 * @property ?float $value_deg
 * @property ?float $sigma
 * @property ?float $pointer_from_mm
 * @property ?float $pointer_to_mm
 * @property 'near'|'far'|null $edge
 * @property ?float $offset_mm
 * @property ?int $instrument_id
 * @property ?Instrument $instrument
 * @property ?int $supersedes_id
 * @property ?int $user_id
 * @property Carbon $created_at
 * @property Collection<int, Reading> $replacements
 * @property ?Strike $lastStrike
 * @property ?User $user
 * @property Survey $survey
 */
final class Reading extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = ['id'];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $casts = [
        'value_mm' => 'float', 'value_deg' => 'float', 'sigma' => 'float', 'pointer_from_mm' => 'float', 'pointer_to_mm' => 'float', 'offset_mm' => 'float',
    ];

    protected static function booted(): void
    {
        self::updating(fn (): never => throw new \LogicException('A reading is never changed; add one that supersedes it.'));
        self::deleting(fn (): never => throw new \LogicException('A reading is never deleted; strike it with a reason.'));
    }

    /** When it was taken, UTC in ISO 8601; straight from the column, since a log has hundreds of rows. */
    public function takenAt(): string
    {
        $stored = $this->getRawOriginal('created_at');

        return str_replace(' ', 'T', substr(is_string($stored) ? $stored : '', 0, 19)).'Z';
    }

    /** @return BelongsTo<Survey, $this> */
    public function survey(): BelongsTo
    {
        return $this->belongsTo(Survey::class);
    }

    /** @return BelongsTo<Instrument, $this> */
    public function instrument(): BelongsTo
    {
        return $this->belongsTo(Instrument::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Reading, $this> the reading that this one was taken to replace */
    public function superseded(): BelongsTo
    {
        return $this->belongsTo(Reading::class, 'supersedes_id');
    }

    /** @return HasMany<Reading, $this> the readings that were taken to replace this one, the newest first */
    public function replacements(): HasMany
    {
        return $this->hasMany(Reading::class, 'supersedes_id')->orderByDesc('id');
    }

    /** The newest replacement that stands; one that was struck itself replaces nothing. */
    public function supersededBy(): ?Reading
    {
        return $this->replacements->first(fn (Reading $replacement): bool => ! $replacement->isStruck());
    }

    public function isStruck(): bool
    {
        return $this->lastStrike?->kind === 'struck';
    }

    /** @return HasMany<Strike, $this> */
    public function strikes(): HasMany
    {
        return $this->hasMany(Strike::class)->orderBy('id');
    }

    /** @return HasOne<Strike, $this> */
    public function lastStrike(): HasOne
    {
        return $this->hasOne(Strike::class)->orderByDesc('id');
    }
}
