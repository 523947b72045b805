<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A value that a shop has set for itself; who set it, and when.
 *
 * @property int $workshop_id
 * @property string $name  of a shop default of core
 * @property float $value
 * @property Carbon $changed_at
 * @property ?User $user
 */
final class ShopValue extends Model
{
    public $timestamps = false;

    protected $guarded = ['id'];

    protected $casts = ['value' => 'float', 'changed_at' => 'datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
