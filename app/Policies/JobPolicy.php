<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\Role;
use App\Models\User;

/** Everybody of a workshop sees its jobs and nobody else does; technicians and owners work on them. A job is never removed: its log is a record. */
final class JobPolicy
{
    public function view(User $user, Job $job): bool
    {
        return $job->workshop_id === $user->workshop_id;
    }

    public function create(User $user): bool
    {
        return $user->role !== Role::Inspector;
    }

    public function work(User $user, Job $job): bool
    {
        return $this->view($user, $job) && $user->role !== Role::Inspector;
    }

    /** An inspector does not measure, but may doubt what was measured. */
    public function strike(User $user, Job $job): bool
    {
        return $this->view($user, $job);
    }
}
