<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\Job;
use App\Models\User;

/** What the person at the screen may do with the job. */
final readonly class CanProps
{
    public function __construct(public bool $work, public bool $strike) {}

    public static function from(User $user, Job $job): self
    {
        return new self($user->can('work', $job), $user->can('strike', $job));
    }
}
