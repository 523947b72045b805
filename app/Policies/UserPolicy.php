<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** The owner looks after the people of the shop. */
final class UserPolicy
{
    public function manage(User $user, User $person): bool
    {
        return $user->role === Role::Owner && $user->workshop_id === $person->workshop_id;
    }
}
