<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Makes a workshop with its first user, or adds a user to one. */
final class MakeWorkshop extends Command
{
    protected $signature = 'geodex:workshop {workshop : its name} {email : of the user} {--name=Owner : of the user} {--role=owner : technician, inspector or owner}';

    protected $description = 'Make a workshop and its first user, or add a user';

    public function handle(): int
    {
        $role = Role::tryFrom((string) $this->option('role'));
        $email = (string) $this->argument('email');
        if ($role === null || filter_var($email, FILTER_VALIDATE_EMAIL) === false || User::where('email', $email)->exists()) {
            $this->error('Give a role of technician, inspector or owner, and a mail address that nobody has yet.');

            return self::INVALID;
        }
        $password = Str::password(14, symbols: false);
        DB::transaction(function () use ($role, $email, $password): void {
            $workshop = Workshop::firstOrCreate(['name' => (string) $this->argument('workshop')]);
            $workshop->users()->create(['name' => (string) $this->option('name'), 'email' => $email, 'role' => $role, 'password' => $password]);
        });
        $this->line("Log in with   $email   $password");

        return self::SUCCESS;
    }
}
