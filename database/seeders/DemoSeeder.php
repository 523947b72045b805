<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Instruments\CheckInstrument;
use App\Actions\Jobs\ImportJob;
use App\Actions\Reference\AddSource;
use App\Models\Job;
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

    private const JOBS = ['mobile-library', 'beach-tender', 'trailer-tug'];

    public function __construct(private readonly ImportJob $import, private readonly JobReader $reader, private readonly AddSource $sources, private readonly CheckInstrument $checks) {}

    public function run(): void
    {
        $workshop = Workshop::create(['name' => 'Slate Yard Chassis']);
        $users = array_map(fn (array $user): User => $workshop->users()->create([...$user, 'password' => self::PASSWORD]), self::USERS);
        $jobs = array_map(fn (string $file): Job => $this->import->handle($workshop, $users[0], $this->reader->document((string) file_get_contents(database_path("demo/$file.job.json")))), self::JOBS);
        $this->sister($jobs[2]);
        $this->instruments($workshop);
    }

    /** The trailer tug has no chart: it is held against its mirror image, and its sister stands ready as a reference. */
    private function sister(Job $job): void
    {
        $survey = $job->surveys()->where('code', 'sister')->firstOrFail();
        $this->sources->fromSurvey($job->load('points'), $survey->setRelation('job', $job->load('workshop')), 'Sister vehicle');
    }

    private function instruments(Workshop $workshop): void
    {
        $bar = $workshop->instruments()->create(['name' => 'Long tram bar', 'kind' => 'tram-bar', 'reach_mm' => 2500]);
        $this->checks->handle($bar, 1000.0, [1000.5, 1001.0, 1000.0, 1000.5, 1001.5]);
        $workshop->instruments()->create(['name' => 'Tape 5 m', 'kind' => 'tape', 'reach_mm' => 5000]);
        $workshop->instruments()->create(['name' => 'Stand-in tram', 'kind' => 'tram-bar', 'reach_mm' => 2500, 'simulated' => ['seed' => 7, 'slop' => 1.0, 'misreads' => 0.05, 'damage' => 'rear-twist=7']]);
    }
}
