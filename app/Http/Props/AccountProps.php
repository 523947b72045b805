<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\User;
use Illuminate\Support\Facades\DB;

/** One's own account. */
final readonly class AccountProps
{
    /**
     * @param  'mm'|'in'|null  $unit
     * @param  'light'|'dark'|null  $theme
     * @param  list<SessionProps>  $sessions
     */
    public function __construct(public string $name, public string $email, public ?string $unit, public ?string $theme, public array $sessions) {}

    public static function from(User $user, string $session): self
    {
        $rows = DB::table('sessions')->where('user_id', $user->id)->orderByDesc('last_activity')->limit(50)->get(['id', 'ip_address', 'user_agent', 'last_activity']);

        return new self($user->name, $user->email, $user->unit, $user->theme, array_values($rows->map(fn (object $row): SessionProps => SessionProps::from((array) $row, $session))->all()));
    }
}
