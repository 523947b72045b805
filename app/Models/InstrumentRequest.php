<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A reading that a screen wants of an instrument.
 *
 * @property int $id
 * @property int $instrument_id
 * @property int $survey_id
 * @property string $client_id
 * @property string $kind
 * @property list<string> $points
 * @property ?int $user_id
 * @property ?Carbon $answered_at
 */
final class InstrumentRequest extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = ['id'];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $casts = ['points' => 'array', 'answered_at' => 'datetime'];
}
