<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A bar or a sheet on the rack of a shop, or what was left of one.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $stock  what it is, by name
 * @property float $length  mm
 * @property ?float $width  mm; null for a bar
 * @property ?int $count  null: as many as are wanted
 * @property bool $is_remnant
 */
final class StockItem extends Model
{
    protected $guarded = ['id'];

    protected $casts = ['length' => 'float', 'width' => 'float', 'count' => 'int', 'is_remnant' => 'bool'];
}
