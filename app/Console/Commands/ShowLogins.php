<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Hash;

/** Says how to log in after a start. */
final class ShowLogins extends Command
{
    protected $signature = 'geodex:logins';

    protected $description = 'Say how to log in';

    public function handle(): int
    {
        $users = User::query()->orderBy('id')->get();
        if ($users->isEmpty()) {
            $this->line('Nobody can log in yet. Make a workshop:  php artisan geodex:workshop "Name" owner@example.org');
        }
        foreach ($users->whereIn('email', array_column(DemoSeeder::USERS, 'email')) as $user) {
            if (Hash::check(DemoSeeder::PASSWORD, $user->password)) {
                $this->line(sprintf('Log in with   %-32s %s', $user->email, DemoSeeder::PASSWORD));
            }
        }

        return self::SUCCESS;
    }
}
