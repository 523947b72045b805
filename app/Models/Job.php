<?php

declare(strict_types=1);

namespace App\Models;

use Geodex\Core\Parts\PartState;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $workshop_id
 * @property string $title
 * @property string $vehicle
 * @property string $plate
 * @property string $frame_number
 * @property string $odometer  as it was read off
 * @property string $customer_reference
 * @property ?string $notes
 * @property 'mm'|'in' $units
 * @property array<string, list<array<string, mixed>>> $frame  as metal: lists of parts by the fields of their kinds; lengths in mm
 * @property ?array<string, mixed> $driveline
 * @property ?array<string, float|bool|null> $bench
 * @property ?array{points: list<string>, mm2: list<list<float>>} $reference_covariance  lower half, of the reference in force
 * @property 'A'|'B'|'C' $plan_variant  in force
 * @property ?array<string, list<array{code: string, kind: string, parameters: array<string, mixed>}>> $plan_others  operations by the letter of their variant
 * @property ?list<array{cut: string, readings: array<string, float>, by: string, at: string}> $plan_spread  rounds across the gap, in order; mm
 * @property ?string $plan_from  code of the survey that the plan starts from; null for the chart
 * @property ?array{crossing: array<string, string>, ticked: list<string>} $plan_along  what crosses a cut, by name with its change, and what of it was seen to
 * @property ?array<string, array{at: array{float, float}, rotation: float, sheet: string, sheetNumber: int}> $nest  where parts were laid by hand
 * @property ?list<array{id: string, title: string, minutes: float, needs: list<string>}> $own_steps  of the run sheet
 * @property ?list<array{first: string, then: string}> $run_arrows  steps that a person wants before others
 * @property ?list<string> $strip_list  what comes off besides what the plan knows of
 * @property ?array<string, array{school: string, isHeld: bool, isTurned?: bool}> $weld_choices  by operation
 * @property ?list<array{place: string, what: string, closed: string}> $coatings
 * @property ?array<string, mixed> $hand_over  as HandOver reads it
 * @property Workshop $workshop
 * @property Carbon $updated_at
 * @property ?Carbon $archived_at
 */
final class Job extends Model
{
    protected $fillable = ['workshop_id', 'title', 'vehicle', 'plate', 'frame_number', 'odometer', 'customer_reference', 'notes', 'units', 'frame', 'driveline', 'bench', 'reference_covariance', 'plan_variant', 'plan_others', 'plan_along', 'plan_spread', 'plan_from', 'nest', 'own_steps', 'run_arrows', 'strip_list', 'weld_choices', 'coatings', 'hand_over'];

    protected $casts = ['frame' => 'array', 'driveline' => 'array', 'bench' => 'array', 'reference_covariance' => 'array', 'plan_others' => 'array', 'plan_along' => 'array', 'plan_spread' => 'array', 'archived_at' => 'datetime', 'nest' => 'array', 'own_steps' => 'array', 'run_arrows' => 'array', 'strip_list' => 'array', 'weld_choices' => 'array', 'coatings' => 'array', 'hand_over' => 'array'];

    /** How many points it has, counted in a list or read. */
    public function pointCount(): int
    {
        return $this->counted('points_count') ?? $this->points->count();
    }

    public function isPlanned(): bool
    {
        return ($this->counted('operations_count') ?? $this->operations->count()) > 0;
    }

    public function hasDriveline(): bool
    {
        return ($this->counted('has_driveline') ?? ($this->driveline === null ? 0 : 1)) > 0;
    }

    /** Parts that are not cut yet. */
    public function uncutParts(): int
    {
        return $this->counted('uncut_parts') ?? $this->parts()->where('state', '<>', PartState::Cut->value)->count();
    }

    private function counted(string $name): ?int
    {
        $value = $this->getAttributes()[$name] ?? null;

        return is_numeric($value) ? (int) $value : null;
    }

    /** Whether all that crosses a cut was seen to. */
    public function isAlongTicked(): bool
    {
        return array_diff(array_keys($this->plan_along['crossing'] ?? []), $this->plan_along['ticked'] ?? []) === [];
    }

    /** @return BelongsTo<Workshop, $this> */
    public function workshop(): BelongsTo
    {
        return $this->belongsTo(Workshop::class);
    }

    /** @return HasMany<Point, $this> */
    public function points(): HasMany
    {
        return $this->hasMany(Point::class)->orderBy('position');
    }

    /** @return HasMany<Survey, $this> */
    public function surveys(): HasMany
    {
        return $this->hasMany(Survey::class)->orderBy('id');
    }

    /**
     * Those of this vehicle, in order: what was read of a sister is no stage of its work.
     *
     * @return Collection<int, Survey>
     */
    public function ownSurveys(): Collection
    {
        return $this->loadMissing(['surveys', 'workshop', 'points'])->surveys->where('stage', '<>', 'sister')->values()->each(fn (Survey $one) => $one->setRelation('job', $this));
    }

    /** @return HasMany<ReferenceSource, $this> */
    public function sources(): HasMany
    {
        return $this->hasMany(ReferenceSource::class)->orderBy('id');
    }

    /** @return HasMany<Worksheet, $this> */
    public function worksheets(): HasMany
    {
        return $this->hasMany(Worksheet::class)->orderBy('id');
    }

    /** @return HasMany<Part, $this> */
    public function parts(): HasMany
    {
        return $this->hasMany(Part::class)->orderBy('id');
    }

    /** @return HasMany<LogEntry, $this> */
    public function logEntries(): HasMany
    {
        return $this->hasMany(LogEntry::class)->orderBy('id');
    }

    /** @return HasMany<Picture, $this> */
    public function pictures(): HasMany
    {
        return $this->hasMany(Picture::class)->orderBy('id');
    }

    /** @return HasMany<Recording, $this> */
    public function recordings(): HasMany
    {
        return $this->hasMany(Recording::class)->orderBy('id');
    }

    /** @return HasMany<BenchRound, $this> */
    public function benchRounds(): HasMany
    {
        return $this->hasMany(BenchRound::class)->orderBy('id');
    }

    /** @return HasMany<PlanOperation, $this> */
    public function operations(): HasMany
    {
        return $this->hasMany(PlanOperation::class)->orderBy('id');
    }
}
