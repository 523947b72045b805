<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $job_id
 * @property string $code
 * @property 'stretch'|'shorten' $kind
 * @property float $at_mm
 * @property float $length_mm
 * @property float $kerf_mm
 * @property float $witness_mm
 * @property bool $is_level
 * @property array<string, string> $typed
 */
final class PlanOperation extends Model
{
    public $timestamps = false;

    protected $guarded = ['id'];

    protected $casts = ['at_mm' => 'float', 'length_mm' => 'float', 'kerf_mm' => 'float', 'witness_mm' => 'float', 'is_level' => 'bool', 'typed' => 'array'];
}
