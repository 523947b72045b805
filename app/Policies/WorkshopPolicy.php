<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;

/** The owner sets what holds for the whole shop. */
final class WorkshopPolicy
{
    public function update(User $user, Workshop $workshop): bool
    {
        return $user->workshop_id === $workshop->id && $user->role === Role::Owner;
    }
}
