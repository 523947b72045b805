<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Jobs\ImportJob;
use App\Models\User;
use App\Models\Workshop;
use Geodex\Core\JobFile\JobReader;
use Illuminate\Database\Seeder;

/** The made-up workshop: no real make, place or person. */
final class DemoSeeder extends Seeder
{
    public const PASSWORD = 'slate-yard-42';

    public const USERS = [
        ['name' => 'Technician', 'email' => 'technician@slate-yard.example', 'role' => 'technician'],
        ['name' => 'Second technician', 'email' => 'second@slate-yard.example', 'role' => 'technician'],
        ['name' => 'Inspector', 'email' => 'inspector@slate-yard.example', 'role' => 'inspector'],
        ['name' => 'Owner', 'email' => 'owner@slate-yard.example', 'role' => 'owner'],
    ];

    public function __construct(private readonly ImportJob $import, private readonly JobReader $reader) {}

    public function run(): void
    {
        $workshop = Workshop::create(['name' => 'Slate Yard Chassis']);
        $users = array_map(fn (array $user): User => $workshop->users()->create([...$user, 'password' => self::PASSWORD]), self::USERS);
        $this->import->handle($workshop, $users[0], $this->reader->document((string) file_get_contents(database_path('demo/mobile-library.job.json'))));
    }
}
