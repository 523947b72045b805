<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A reading that a dial has sent of a shaft.
 *
 * @property int $id
 * @property int $job_id
 * @property int $instrument_id
 * @property string $client_id
 * @property float $station  mm along the shaft
 * @property float $angle  degrees
 * @property float $value  mm
 * @property ?Carbon $created_at
 */
final class DialReading extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = ['id'];

    protected $casts = ['station' => 'float', 'angle' => 'float', 'value' => 'float'];
}
