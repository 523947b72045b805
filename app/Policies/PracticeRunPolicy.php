<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\PracticeRun;
use App\Models\User;

/** An exercise is its trainee's own; once answered it stays as it is. */
final class PracticeRunPolicy
{
    public function view(User $user, PracticeRun $run): bool
    {
        return $run->user_id === $user->id;
    }

    public function work(User $user, PracticeRun $run): bool
    {
        return $this->view($user, $run) && $run->statement === null;
    }
}
