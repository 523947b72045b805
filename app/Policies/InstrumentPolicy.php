<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Instrument;
use App\Models\Role;
use App\Models\User;

/** The tools belong to the shop; those who measure look after them. */
final class InstrumentPolicy
{
    public function create(User $user): bool
    {
        return $user->role !== Role::Inspector;
    }

    public function update(User $user, Instrument $instrument): bool
    {
        return $instrument->workshop_id === $user->workshop_id && $this->create($user);
    }
}
