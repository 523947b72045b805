<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\PracticeSplice;
use App\Models\User;

/** A splice is its trainee's own; once finished it stays as it is. */
final class PracticeSplicePolicy
{
    public function view(User $user, PracticeSplice $splice): bool
    {
        return $splice->user_id === $user->id;
    }

    public function work(User $user, PracticeSplice $splice): bool
    {
        return $this->view($user, $splice) && $splice->score === null;
    }
}
