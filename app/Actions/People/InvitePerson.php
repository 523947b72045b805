<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\AuditEntry;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Asks somebody into a shop; until they choose a password nobody can log in as them. */
final readonly class InvitePerson
{
    public function __construct(private PasswordLinks $links) {}

    /** @return ?string the link, where it was not sent */
    public function handle(Workshop $workshop, ?User $by, string $email, string $name, Role $role): ?string
    {
        $invited = DB::transaction(function () use ($workshop, $by, $email, $name, $role): User {
            $invited = $workshop->users()->create(['name' => $name, 'email' => $email, 'role' => $role, 'password' => Str::random(40), 'invited_at' => Carbon::now()]);
            AuditEntry::note($workshop->id, $by, 'invited', "$name, $email, {$role->value}");

            return $invited;
        });

        return $this->links->invite($invited, $by->name ?? $workshop->name);
    }
}
