<?php

declare(strict_types=1);

namespace App\Archive;

use App\Actions\Jobs\ImportJob;
use App\Models\AuditEntry;
use App\Models\Job;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use App\People\MailAddress;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Survey\Instrument\InstrumentKind;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use ZipArchive;

/** Takes the archive of a shop in as a new shop: all of it or nothing. Its people choose new passwords by a link. */
final readonly class ShopTaker
{
    public function __construct(private ImportJob $import, private JobReader $reader) {}

    /** @throws CannotArchive if it is none, or a shop or a person of it is here already */
    public function handle(string $path): Workshop
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw CannotArchive::because("$path cannot be read, or is no archive.");
        }
        $shop = ShopArchive::read($zip);
        $name = is_string($shop['name'] ?? null) ? $shop['name'] : '';
        if ($name === '' || Workshop::query()->where('name', $name)->exists()) {
            throw CannotArchive::because($name === '' ? 'The archive names no shop.' : "There is a shop called “{$name}” already.");
        }

        return DB::transaction(function () use ($shop, $name, $zip): Workshop {
            $workshop = Workshop::query()->create(['name' => $name, 'inch_denominator' => is_int($shop['inchDenominator'] ?? null) ? $shop['inchDenominator'] : 32, 'hides_expected' => ($shop['hidesExpected'] ?? false) === true]);
            $this->people($workshop, self::rows($shop, 'people'));
            foreach (is_array($shop['settings'] ?? null) ? $shop['settings'] : [] as $setting => $value) {
                $workshop->values()->create(['name' => (string) $setting, 'value' => is_numeric($value) ? (float) $value : 0.0, 'changed_at' => Carbon::now()]);
            }
            $this->instruments($workshop, self::rows($shop, 'instruments'));
            $this->stock($workshop, self::rows($shop, 'stock'));
            $this->jobs($workshop, self::rows($shop, 'jobs'), $zip);
            $this->practice($workshop, self::rows($shop, 'practice'));
            foreach (self::rows($shop, 'audit') as $entry) {
                AuditEntry::query()->create(['workshop_id' => $workshop->id, 'who' => self::text($entry, 'who'), 'action' => self::text($entry, 'action'), 'about' => self::text($entry, 'about'), 'created_at' => self::time($entry, 'at')]);
            }
            AuditEntry::note($workshop->id, null, 'archive taken in', $name);

            return $workshop;
        });
    }

    /** @param  list<array<mixed>>  $rack */
    private function stock(Workshop $workshop, array $rack): void
    {
        foreach ($rack as $one) {
            $number = fn (string $key): ?float => is_numeric($one[$key] ?? null) ? (float) $one[$key] : null;
            $workshop->stock()->create(['stock' => self::text($one, 'stock'), 'length' => $number('length') ?? 0.0, 'width' => $number('width'), 'count' => is_int($one['count'] ?? null) ? $one['count'] : null, 'is_remnant' => ($one['isRemnant'] ?? false) === true]);
        }
    }

    /** @param  list<array<mixed>>  $people */
    private function people(Workshop $workshop, array $people): void
    {
        foreach ($people as $one) {
            $email = MailAddress::of(self::text($one, 'email')) ?? throw CannotArchive::because('“'.self::text($one, 'email').'” is no mail address.');
            if (User::query()->where('email', $email)->exists()) {
                throw CannotArchive::because("Somebody here has the address $email already.");
            }
            $workshop->users()->create([
                'name' => self::text($one, 'name'), 'email' => $email, 'role' => Role::tryFrom(self::text($one, 'role')) ?? Role::Inspector, 'password' => Str::random(40), 'invited_at' => Carbon::now(),
                'deactivated_at' => ($one['closed'] ?? false) === true ? Carbon::now() : null, 'unit' => in_array($one['unit'] ?? null, ['mm', 'in'], true) ? $one['unit'] : null, 'theme' => in_array($one['theme'] ?? null, ['light', 'dark'], true) ? $one['theme'] : null,
            ]);
        }
    }

    /** @param  list<array<mixed>>  $instruments */
    private function instruments(Workshop $workshop, array $instruments): void
    {
        foreach ($instruments as $one) {
            $number = fn (string $key): ?float => is_numeric($one[$key] ?? null) ? (float) $one[$key] : null;
            $workshop->instruments()->create([
                'name' => self::text($one, 'name'), 'kind' => InstrumentKind::tryFrom(self::text($one, 'kind')) ?? InstrumentKind::Tape, 'reach_mm' => $number('reachMm'), 'sigma' => $number('sigma'), 'offset' => $number('offset') ?? 0.0,
                'checked_at' => self::time($one, 'checkedAt'), 'last_check' => is_array($one['lastCheck'] ?? null) ? $one['lastCheck'] : null, 'simulated' => is_array($one['simulated'] ?? null) ? $one['simulated'] : null,
            ]);
        }
    }

    /** @param  list<array<mixed>>  $jobs */
    private function jobs(Workshop $workshop, array $jobs, ZipArchive $zip): void
    {
        $people = [];
        foreach ($workshop->users()->get(['id', 'name']) as $one) {
            $people[$one->name] = $one->id;
        }
        foreach ($jobs as $one) {
            $job = $this->import->handle($workshop, null, $this->reader->document((string) $zip->getFromName(self::text($one, 'file'))), $people);
            Job::withoutTimestamps(fn () => $job->forceFill(['archived_at' => self::time($one, 'aside'), 'updated_at' => self::time($one, 'changed') ?? Carbon::now()])->save());
        }
    }

    /** @param  list<array<mixed>>  $runs */
    private function practice(Workshop $workshop, array $runs): void
    {
        $people = $workshop->users()->pluck('id', 'email');
        foreach ($runs as $run) {
            $user = $people[self::text($run, 'email')] ?? null;
            if ($user !== null) {
                DB::table('practice_runs')->insert(['user_id' => $user, ...array_intersect_key($run, array_flip(['seed', 'level', 'readings', 'statement', 'score', 'created_at', 'updated_at']))]);
            }
        }
    }

    /**
     * @param  array<mixed>  $of
     * @return list<array<mixed>>
     */
    private static function rows(array $of, string $key): array
    {
        return is_array($of[$key] ?? null) ? array_values(array_filter($of[$key], is_array(...))) : [];
    }

    /** @param  array<mixed>  $of */
    private static function text(array $of, string $key): string
    {
        return is_string($of[$key] ?? null) ? $of[$key] : '';
    }

    /** @param  array<mixed>  $of */
    private static function time(array $of, string $key): ?Carbon
    {
        return self::text($of, $key) === '' ? null : Carbon::parse(self::text($of, $key));
    }
}
