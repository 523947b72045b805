<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\User;

/** Somebody of the shop, as the owner sees them. */
final readonly class PersonProps
{
    /**
     * @param  'technician'|'inspector'|'owner'  $role
     * @param  'in'|'invited'|'closed'  $state
     */
    public function __construct(public int $id, public string $name, public string $email, public string $role, public string $state, public bool $isMe) {}

    public static function from(User $one, User $me): self
    {
        return new self($one->id, $one->name, $one->email, $one->role->value, $one->deactivated_at !== null ? 'closed' : ($one->invited_at !== null ? 'invited' : 'in'), $one->id === $me->id);
    }
}
