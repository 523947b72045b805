<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Instruments\CheckInstrument;
use App\Actions\Jobs\ImportJob;
use App\Actions\Plan\SavePlan;
use App\Actions\Plan\SwitchVariant;
use App\Actions\Reference\AddSource;
use App\Models\Job;
use App\Models\User;
use App\Models\Workshop;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Units\LengthUnit;
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

    /** Variant A stretches behind the gearbox; B sets the axle back and leaves the rails whole. */
    private const LIBRARY = [
        'B' => [
            ['id' => 'op1', 'kind' => 'move-axle', 'axle' => 'rear', 'by' => '500'],
            ['id' => 'op2', 'kind' => 'remove-feature', 'feature' => 'X5', 'instead' => 'the new crossmember B5, in place first'],
            ['id' => 'B5', 'kind' => 'add-feature', 'new' => ['kind' => 'crossmember', 'name' => 'new middle crossmember', 'station' => '3500', 'length' => '80']],
        ],
        'A' => [
            ['id' => 'op1', 'kind' => 'stretch', 'at' => '230 behind EL', 'length' => '640', 'kerf' => '3', 'gap' => '2'],
            ['id' => 'A2', 'kind' => 'add-feature', 'new' => ['kind' => 'crossmember', 'name' => 'crossmember of the insert', 'station' => '1490', 'length' => '80']],
            ['id' => 'A3', 'kind' => 'move-feature', 'feature' => 'B1', 'to' => '150 behind LL'],
            ['id' => 'A4', 'kind' => 'add-feature', 'new' => ['kind' => 'body-mount', 'name' => 'body mount, front', 'station' => '2000', 'length' => '90']],
            ['id' => 'A5', 'kind' => 'add-feature', 'new' => ['kind' => 'body-mount', 'name' => 'body mount, rear', 'station' => '5000', 'length' => '90']],
        ],
    ];

    private const TENDER = [
        'A' => [
            ['id' => 'op1', 'kind' => 'move-axle', 'axle' => 'rear', 'by' => '6'],
            ['id' => 'op2', 'kind' => 'move-feature', 'feature' => 'K2', 'to' => '3 behind FL'],
            ['id' => 'op3', 'kind' => 'plate', 'from' => '1 ahead of FL', 'to' => '9 behind FL', 'thickness' => '3/16'],
            ['id' => 'op4', 'kind' => 'move-feature', 'feature' => 'SB', 'to' => '-8'],
        ],
    ];

    private const JOBS = ['mobile-library', 'beach-tender', 'trailer-tug'];

    public function __construct(private readonly ImportJob $import, private readonly JobReader $reader, private readonly AddSource $sources, private readonly CheckInstrument $checks, private readonly SavePlan $plans, private readonly SwitchVariant $variants) {}

    public function run(): void
    {
        $workshop = Workshop::create(['name' => 'Slate Yard Chassis']);
        $users = array_map(fn (array $user): User => $workshop->users()->create([...$user, 'password' => self::PASSWORD]), self::USERS);
        $jobs = array_map(fn (string $file): Job => $this->import->handle($workshop, $users[0], $this->reader->document((string) file_get_contents(database_path("demo/$file.job.json")))), self::JOBS);
        $this->plan($jobs[0]->load('workshop'), self::LIBRARY, LengthUnit::Millimetre);
        $this->plan($jobs[1]->load('workshop'), self::TENDER, LengthUnit::Inch);
        $this->sister($jobs[2]);
        $this->instruments($workshop);
    }

    /** @param  array<'A'|'B'|'C', list<array<string, mixed>>>  $variants  the last one stays in force */
    private function plan(Job $job, array $variants, LengthUnit $unit): void
    {
        foreach ($variants as $letter => $operations) {
            $this->variants->handle($job, $letter);
            $this->plans->handle($job, $operations, $unit);
        }
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
