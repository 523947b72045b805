<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property int $inch_denominator
 * @property float $tram_reach_mm
 * @property float $build_scatter_mm  what a base point of a sound frame stands off its chart
 * @property bool $hides_expected  whether the expected value is hidden until Enter
 * @property ?array<string, float> $driveline_limits
 */
final class Workshop extends Model
{
    protected $fillable = ['name', 'inch_denominator', 'tram_reach_mm', 'build_scatter_mm', 'hides_expected', 'driveline_limits'];

    protected $attributes = ['inch_denominator' => 32, 'tram_reach_mm' => 2500];

    protected $casts = ['inch_denominator' => 'int', 'tram_reach_mm' => 'float', 'build_scatter_mm' => 'float', 'hides_expected' => 'bool', 'driveline_limits' => 'array'];

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** @return HasMany<Instrument, $this> */
    public function instruments(): HasMany
    {
        return $this->hasMany(Instrument::class)->orderBy('name');
    }

    /** @return HasMany<Job, $this> */
    public function jobs(): HasMany
    {
        return $this->hasMany(Job::class);
    }
}
