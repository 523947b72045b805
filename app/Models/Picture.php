<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A photograph of a face that a contour is taken from, made anew without what a camera writes into it.
 *
 * @property int $id
 * @property int $job_id
 * @property string $name
 * @property int $width
 * @property int $height
 * @property string $jpeg
 */
final class Picture extends Model
{
    protected $guarded = ['id'];

    protected $hidden = ['jpeg'];
}
