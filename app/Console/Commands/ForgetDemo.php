<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Role;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Closes the demo logins, whose password everybody knows; what the demo people measured stays under their names. */
final class ForgetDemo extends Command
{
    protected $signature = 'geodex:forget-demo';

    protected $description = 'Close the demo logins';

    public function handle(): int
    {
        $demo = User::query()->whereIn('email', array_column(DemoSeeder::USERS, 'email'))->get();
        foreach ($demo->pluck('workshop_id')->unique() as $workshop) {
            if (User::query()->where('workshop_id', $workshop)->where('role', Role::Owner)->active()->whereNotIn('id', $demo->modelKeys())->doesntExist()) {
                $this->warn('The shop of the demo has no other owner: nobody will be able to log in until  php artisan geodex:person ADDRESS --invite="…" --role=owner');
            }
        }
        DB::transaction(fn () => $demo->each(function (User $one): void {
            $one->update(['password' => Str::random(40), 'deactivated_at' => now()]);
            DB::table('sessions')->where('user_id', $one->id)->delete();
        }));
        $this->line("{$demo->count()} demo logins are closed.");

        return self::SUCCESS;
    }
}
