<?php

declare(strict_types=1);

namespace App\Models;

use Geodex\Core\Survey\Instrument\Instrument as CoreInstrument;
use Geodex\Core\Survey\Instrument\InstrumentCheck;
use Geodex\Core\Survey\Instrument\InstrumentKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A tool of the shop.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $name
 * @property InstrumentKind $kind
 * @property ?float $reach_mm
 * @property ?float $sigma
 * @property float $offset
 * @property ?Carbon $checked_at
 * @property ?array{known: float, read: list<float>} $last_check
 * @property ?string $token_hash
 * @property ?int $survey_id
 * @property ?array{seed: int, slop: float, misreads: float, damage: string} $simulated
 * @property ?Survey $survey
 * @property Workshop $workshop
 */
final class Instrument extends Model
{
    protected $guarded = ['id'];

    protected $attributes = ['offset' => 0];

    protected $hidden = ['token_hash'];

    protected $casts = [
        'kind' => InstrumentKind::class, 'reach_mm' => 'float', 'sigma' => 'float', 'offset' => 'float',
        'checked_at' => 'datetime', 'last_check' => 'array', 'simulated' => 'array',
    ];

    public function core(): CoreInstrument
    {
        return new CoreInstrument(id: (string) $this->id, name: $this->name, kind: $this->kind, reach: $this->reach_mm, sigma: $this->sigma, offset: $this->offset);
    }

    /** What its last check came to. */
    public function lastCheck(): ?InstrumentCheck
    {
        return $this->last_check === null ? null : InstrumentCheck::of($this->last_check['known'], $this->last_check['read'], $this->kind->readsAngles() ? '°' : 'mm');
    }

    public function needsCheck(): bool
    {
        return $this->simulated === null && CoreInstrument::needsCheck($this->checked_at === null ? null : (int) $this->checked_at->diffInDays(Carbon::now()));
    }

    /** @return BelongsTo<Survey, $this> */
    public function survey(): BelongsTo
    {
        return $this->belongsTo(Survey::class);
    }

    /** @return BelongsTo<Workshop, $this> */
    public function workshop(): BelongsTo
    {
        return $this->belongsTo(Workshop::class);
    }
}
