<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $job_id
 * @property int $position
 * @property string $code
 * @property string $name
 * @property string $side
 * @property ?string $mate_code
 * @property ?string $feature_kind
 * @property ?float $feature_diameter_mm
 * @property ?float $chart_x_mm
 * @property ?float $chart_y_mm
 * @property ?float $chart_z_mm
 * @property ?float $chart_sigma_x_mm
 * @property ?float $chart_sigma_y_mm
 * @property ?float $chart_sigma_z_mm
 * @property float $tolerance_x_mm
 * @property float $tolerance_y_mm
 * @property float $tolerance_z_mm
 * @property bool $is_base
 */
final class Point extends Model
{
    public $timestamps = false;

    protected $guarded = ['id'];

    protected $casts = [
        'feature_diameter_mm' => 'float',
        'chart_x_mm' => 'float', 'chart_y_mm' => 'float', 'chart_z_mm' => 'float',
        'chart_sigma_x_mm' => 'float', 'chart_sigma_y_mm' => 'float', 'chart_sigma_z_mm' => 'float',
        'tolerance_x_mm' => 'float', 'tolerance_y_mm' => 'float', 'tolerance_z_mm' => 'float',
        'is_base' => 'bool',
    ];
}
