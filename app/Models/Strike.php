<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A reading struck out, or a strike taken back.
 *
 * @property int $id
 * @property int $reading_id
 * @property 'struck'|'restored' $kind
 * @property string $reason
 * @property ?int $user_id
 * @property ?User $user
 */
final class Strike extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = ['id'];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
