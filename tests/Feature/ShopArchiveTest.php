<?php

declare(strict_types=1);

use App\Models\AuditEntry;
use App\Models\Job;
use App\Models\User;
use App\Models\Workshop;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;

beforeEach(function () {
    $this->seed(DemoSeeder::class);
    $this->file = tempnam(sys_get_temp_dir(), 'shop').'.zip';
    $this->export = fn () => $this->artisan('geodex:export-shop', ['workshop' => 'Slate Yard Chassis', 'file' => $this->file]);
    $this->rows = fn (): array => array_map(fn (string $table): int => DB::table($table)->count(), array_combine($tables = ['jobs', 'users', 'instruments', 'readings', 'reading_points', 'strikes', 'worksheets', 'plan_operations', 'reference_sources', 'surveys', 'points'], $tables));
});

afterEach(fn () => @unlink($this->file));

it('goes out as one file, is deleted, and comes into an empty installation with all that it had', function () {
    Job::query()->where('title', 'Trailer tug')->orWhere('id', '>', 0)->latest('id')->first()->forceFill(['archived_at' => now()])->save();
    $before = ($this->rows)();
    $documents = Job::query()->orderBy('id')->get()->map(fn (Job $job): array => $this->actingAs(User::first())->get("/jobs/{$job->id}/file")->json())->all();
    ($this->export)()->expectsOutputToContain('3 jobs and 4 people')->assertSuccessful();
    $this->artisan('geodex:delete-shop', ['workshop' => 'Slate Yard Chassis', 'archive' => $this->file, '--yes' => true])->assertSuccessful();
    expect(array_sum(($this->rows)()))->toBe(0)
        ->and(Workshop::count())->toBe(0)
        ->and(DB::table('practice_runs')->count())->toBe(0);

    $this->artisan('geodex:take-shop', ['file' => $this->file])->expectsOutputToContain('is here with 3 jobs')->assertSuccessful();
    expect(($this->rows)())->toBe($before)
        ->and(Job::query()->whereNotNull('archived_at')->count())->toBe(1);
    $user = User::query()->where('email', 'owner@slate-yard.example')->firstOrFail();
    $user->update(['invited_at' => null]);
    $again = Job::query()->orderBy('id')->get()->map(fn (Job $job): array => $this->actingAs($user)->get("/jobs/{$job->id}/file")->json())->all();
    foreach ($documents as $i => $document) {
        expect($again[$i]['points'])->toBe($document['points'])
            ->and($again[$i]['surveys'])->toBe($document['surveys'])
            ->and($again[$i]['runningGear'] ?? null)->toBe($document['runningGear'] ?? null);
    }
});

it('lets nobody in with an old password: people choose one by a link', function () {
    ($this->export)();
    $this->artisan('geodex:delete-shop', ['workshop' => 'Slate Yard Chassis', 'archive' => $this->file, '--yes' => true]);
    $this->artisan('geodex:take-shop', ['file' => $this->file]);
    $this->post('/login', ['email' => 'owner@slate-yard.example', 'password' => DemoSeeder::PASSWORD])->assertSessionHasErrors('email');
    config(['mail.default' => 'none']);
    $this->artisan('geodex:person', ['email' => 'owner@slate-yard.example', '--link' => true])->expectsOutputToContain('/invitation/')->assertSuccessful();
});

it('has neither passwords nor tokens in it', function () {
    DB::table('instruments')->limit(1)->update(['token_hash' => str_repeat('f', 64)]);
    ($this->export)();
    $zip = new ZipArchive;
    $zip->open($this->file);
    $shop = (string) $zip->getFromName('shop.json');
    expect($shop)->not->toContain('password')->not->toContain('$2y$')->not->toContain('ffffffff')
        ->and(json_decode($shop, true)['people'])->toHaveCount(4);
});

it('is not deleted without a whole archive of it', function (Closure $spoil) {
    ($this->export)();
    $spoil($this->file);
    $this->artisan('geodex:delete-shop', ['workshop' => 'Slate Yard Chassis', 'archive' => $this->file, '--yes' => true])->assertFailed();
    expect(Job::count())->toBeGreaterThan(2);
})->with([
    'none' => fn (string $file) => unlink($file), 'no archive' => fn (string $file) => file_put_contents($file, 'nothing'), 'broken off' => fn (string $file) => file_put_contents($file, substr((string) file_get_contents($file), 0, 2000)),
    'older than the latest job' => fn () => DB::table('jobs')->insert(['workshop_id' => Workshop::first()->id, 'title' => 'New', 'units' => 'mm', 'frame' => '{}']),
]);

it('is deleted only when that is confirmed', function () {
    ($this->export)();
    $this->artisan('geodex:delete-shop', ['workshop' => 'Slate Yard Chassis', 'archive' => $this->file])->expectsConfirmation('Delete Slate Yard Chassis with 3 jobs? There is no way back but the archive.', 'no')->assertFailed();
    expect(Job::count())->toBe(3);
});

it('comes in once, all of it or nothing', function () {
    ($this->export)();
    $this->artisan('geodex:take-shop', ['file' => $this->file])->expectsOutputToContain('already')->assertFailed();
    DB::table('workshops')->update(['name' => 'Renamed']);
    $this->artisan('geodex:take-shop', ['file' => $this->file])->expectsOutputToContain('has the address')->assertFailed();
    expect(Workshop::count())->toBe(1)->and(Job::count())->toBe(3);
});

it('of no known shop goes nowhere', function () {
    $this->artisan('geodex:export-shop', ['workshop' => 'Nowhere', 'file' => $this->file])->assertFailed();
    $this->artisan('geodex:delete-shop', ['workshop' => 'Nowhere', 'archive' => $this->file])->assertFailed();
});

it('keeps the list of who changed what', function () {
    AuditEntry::note(Workshop::first()->id, null, 'invited', 'somebody');
    ($this->export)();
    $this->artisan('geodex:delete-shop', ['workshop' => 'Slate Yard Chassis', 'archive' => $this->file, '--yes' => true]);
    $this->artisan('geodex:take-shop', ['file' => $this->file]);
    expect(AuditEntry::query()->orderBy('id')->pluck('action')->all())->toBe(['invited', 'archive taken in']);
});
