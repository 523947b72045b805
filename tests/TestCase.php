<?php

declare(strict_types=1);

namespace Tests;

use App\Actions\Jobs\ImportJob;
use App\Models\Job;
use App\Models\Role;
use App\Models\Survey;
use App\Models\User;
use App\Models\Workshop;
use Geodex\Core\JobFile\JobReader;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;

abstract class TestCase extends BaseTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    public function person(Role $role = Role::Technician, string $workshop = 'Slate Yard Chassis'): User
    {
        $shop = Workshop::firstOrCreate(['name' => $workshop]);

        return $shop->users()->create(['name' => ucfirst($role->value), 'email' => uniqid($role->value).'@example.org', 'password' => 'open-sesame-9', 'role' => $role]);
    }

    /** The demo job in somebody's workshop. */
    public function demoJob(User $user): Job
    {
        return $this->jobFrom($user, (string) file_get_contents(database_path('demo/mobile-library.job.json')));
    }

    public function jobFrom(User $user, string $json): Job
    {
        return app(ImportJob::class)->handle($user->workshop, $user, (new JobReader)->document($json))->refresh();
    }

    public function surveyOf(Job $job): Survey
    {
        return $job->surveys()->firstOrFail();
    }
}
