<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\AuditEntry;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Changes what somebody may do in a shop. A shop never loses its last owner. */
final readonly class ChangePerson
{
    public function __construct(private EndSessions $sessions) {}

    public function role(User $person, ?User $by, Role $role): void
    {
        $this->keepingAnOwner($person, $role === Role::Owner, function () use ($person, $by, $role): void {
            $was = $person->role->value;
            $person->update(['role' => $role]);
            AuditEntry::note($person->workshop_id, $by, 'role changed', "{$person->name}: $was to {$role->value}");
        });
    }

    /** From now on they cannot log in, and where they are logged in they are out. What they measured stays under their name. */
    public function deactivate(User $person, ?User $by): void
    {
        $this->keepingAnOwner($person, false, function () use ($person, $by): void {
            $person->update(['deactivated_at' => Carbon::now()]);
            $this->sessions->handle($person);
            AuditEntry::note($person->workshop_id, $by, 'deactivated', "{$person->name}, {$person->email}");
        });
    }

    public function activate(User $person, ?User $by): void
    {
        $person->update(['deactivated_at' => null]);
        AuditEntry::note($person->workshop_id, $by, 'activated', "{$person->name}, {$person->email}");
    }

    private function keepingAnOwner(User $person, bool $staysOwner, \Closure $change): void
    {
        DB::transaction(function () use ($person, $staysOwner, $change): void {
            // Two owners who take each other out at once leave one behind.
            $owners = User::query()->where('workshop_id', $person->workshop_id)->where('role', Role::Owner)->active()->lockForUpdate()->pluck('id');
            if (! $staysOwner && $owners->all() === [$person->id]) {
                throw ValidationException::withMessages(['person' => 'This is the only owner who can log in. Make somebody else owner first.']);
            }
            $change();
        });
    }
}
