<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * A row of the logbook: added once, never changed.
 *
 * @property int $id
 * @property int $survey_id
 * @property string $client_id
 * @property int $number
 * @property string $kind
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

    /** @param  list<mixed>  $points  keys, in the order of the call */
    public function between(array $points): void
    {
        self::haveBetween([$this->id => $points]);
    }

    /** @param  array<int, list<mixed>>  $points  keys by the reading's, in the order of the call */
    public static function haveBetween(array $points): void
    {
        foreach (array_chunk($points, 1000, true) as $some) {
            $rows = [];
            foreach ($some as $reading => $keys) {
                foreach ($keys as $place => $point) {
                    $rows[] = ['reading_id' => $reading, 'place' => $place, 'point_id' => $point];
                }
            }
            DB::table('reading_points')->insert($rows);
        }
    }

    /** @return list<mixed> keys of its points, in the order of the call */
    public function pointKeys(): array
    {
        return array_values(DB::table('reading_points')->where('reading_id', $this->id)->orderBy('place')->pluck('point_id')->all());
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
