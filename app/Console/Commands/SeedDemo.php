<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Workshop;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

/** Makes up the demo workshop when the database is empty. */
final class SeedDemo extends Command
{
    protected $signature = 'geodex:demo';

    protected $description = 'Make up the demo workshop in an empty database';

    public function handle(DemoSeeder $seeder): int
    {
        if (Workshop::query()->doesntExist()) {
            $seeder->run();
        }

        return self::SUCCESS;
    }
}
