<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One round of levelling, squaring or setting, kept so that progress shows.
 *
 * @property int $id
 * @property int $job_id
 * @property 'level'|'square'|'set' $kind
 * @property array<string, mixed> $input
 * @property float $worst_mm
 * @property bool $good
 * @property ?int $user_id
 * @property Carbon $created_at
 * @property ?User $user
 */
final class BenchRound extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = ['id'];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $casts = ['input' => 'array', 'worst_mm' => 'float', 'good' => 'bool'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
