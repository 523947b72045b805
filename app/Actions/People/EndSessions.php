<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Ends the sessions of a person, wherever they are. */
final readonly class EndSessions
{
    /** @param  ?string  $except  id of the session that goes on */
    public function handle(User $user, ?string $except = null): int
    {
        return DB::table('sessions')->where('user_id', $user->id)->when($except !== null, fn ($query) => $query->where('id', '!=', $except))->delete();
    }
}
