<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What a person decided of a base point. Rows are added; the latest of a point counts.
 *
 * @property int $id
 * @property int $survey_id
 * @property int $point_id
 * @property 'in'|'out'|'tested' $choice
 * @property string $reason
 * @property ?User $user
 * @property Carbon $created_at
 */
final class DatumDecision extends Model
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
