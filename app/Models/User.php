<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $workshop_id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property Role $role
 * @property ?Carbon $invited_at  and has not chosen a password yet
 * @property ?Carbon $deactivated_at
 * @property 'mm'|'in'|null $unit  that this person works in; null for the job's
 * @property 'light'|'dark'|null $theme
 * @property Workshop $workshop
 */
final class User extends Authenticatable
{
    use Notifiable;

    protected $fillable = ['workshop_id', 'name', 'email', 'password', 'role', 'invited_at', 'deactivated_at', 'unit', 'theme'];

    protected $attributes = ['remember_token' => null, 'invited_at' => null, 'deactivated_at' => null, 'unit' => null, 'theme' => null];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['password' => 'hashed', 'role' => Role::class, 'invited_at' => 'datetime', 'deactivated_at' => 'datetime'];

    /** @return BelongsTo<Workshop, $this> */
    public function workshop(): BelongsTo
    {
        return $this->belongsTo(Workshop::class);
    }

    /**
     * Those who can log in now.
     *
     * @param  Builder<self>  $query
     */
    public function scopeActive(Builder $query): void
    {
        $query->whereNull('deactivated_at')->whereNull('invited_at');
    }
}
