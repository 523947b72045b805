<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\User;

/** Who is at the screen. */
final readonly class UserProps
{
    /**
     * @param  'mm'|'in'|null  $unit
     * @param  'light'|'dark'|null  $theme
     */
    public function __construct(public int $id, public string $name, public string $role, public string $workshop, public bool $canSetUpWorkshop, public bool $hidesExpected, public string $version, public ?string $unit, public ?string $theme) {}

    public static function from(User $user): self
    {
        return new self(
            id: $user->id,
            name: $user->name,
            role: $user->role->value,
            workshop: $user->workshop->name,
            canSetUpWorkshop: $user->can('update', $user->workshop),
            hidesExpected: $user->workshop->hides_expected,
            version: config()->string('geodex.version'),
            unit: $user->unit,
            theme: $user->theme,
        );
    }
}
