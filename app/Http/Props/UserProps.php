<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\User;

/** Who is at the screen. */
final readonly class UserProps
{
    public function __construct(public int $id, public string $name, public string $role, public string $workshop, public bool $canSetUpWorkshop, public bool $hidesExpected, public string $version) {}

    public static function from(User $user): self
    {
        return new self($user->id, $user->name, $user->role->value, $user->workshop->name, $user->can('update', $user->workshop), $user->workshop->hides_expected, config()->string('geodex.version'));
    }
}
