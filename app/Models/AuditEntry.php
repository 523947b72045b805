<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something that somebody did to people or settings of a shop.
 *
 * @property int $id
 * @property int $workshop_id
 * @property ?int $user_id
 * @property string $who
 * @property string $action
 * @property string $about
 * @property ?Carbon $created_at
 */
final class AuditEntry extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = ['id'];

    /** @param  ?User  $by  null for whoever has the command line */
    public static function note(int $workshop, ?User $by, string $action, string $about): void
    {
        self::query()->create(['workshop_id' => $workshop, 'user_id' => $by?->id, 'who' => $by->name ?? 'command line', 'action' => $action, 'about' => mb_substr($about, 0, 300)]);
    }
}
