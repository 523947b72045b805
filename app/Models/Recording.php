<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A voice note of a log.
 *
 * @property int $id
 * @property int $job_id
 * @property string $mime
 * @property string $sound
 */
final class Recording extends Model
{
    protected $guarded = ['id'];

    protected $hidden = ['sound'];
}
