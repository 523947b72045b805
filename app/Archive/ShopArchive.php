<?php

declare(strict_types=1);

namespace App\Archive;

use App\Documents\JobDocument;
use App\Models\AuditEntry;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\StockItem;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use ZipArchive;

/**
 * Everything that a shop has, as one file: its jobs as job files, and shop.json with people, settings, instruments, exercises and the list of
 * who changed what. Passwords, sessions and tokens are no part of it.
 */
final readonly class ShopArchive
{
    public const FORMAT = 'geodex-shop';

    public const VERSION = 1;

    /** @return array{jobs: int, people: int} what went into it */
    public function write(Workshop $shop, string $path): array
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw CannotArchive::because("$path cannot be written.");
        }
        $jobs = [];
        foreach ($shop->jobs()->orderBy('id')->lazyById(50) as $job) {
            $file = sprintf('jobs/%06d-%s.job.json', $job->id, Str::slug($job->title) ?: 'job');
            $zip->addFromString($file, json_encode(JobDocument::forExport($job), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT));
            $jobs[] = ['file' => $file, 'title' => $job->title, 'aside' => $job->archived_at?->toIso8601ZuluString(), 'changed' => $job->updated_at->toIso8601ZuluString()];
        }
        $document = [
            'format' => self::FORMAT, 'version' => self::VERSION, 'madeBy' => 'Geodex '.config()->string('geodex.version'), 'name' => $shop->name, 'inchDenominator' => $shop->inch_denominator, 'hidesExpected' => $shop->hides_expected,
            'people' => array_values($shop->users()->orderBy('id')->get()->map(fn (User $one): array => ['name' => $one->name, 'email' => $one->email, 'role' => $one->role->value, 'closed' => $one->deactivated_at !== null, 'unit' => $one->unit, 'theme' => $one->theme])->all()),
            'settings' => $shop->values()->pluck('value', 'name')->all(), 'instruments' => $this->instruments($shop), 'stock' => $this->stock($shop), 'practice' => $this->practice($shop), 'audit' => $this->audit($shop), 'jobs' => $jobs,
        ];
        $zip->addFromString('shop.json', json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT));
        if (! $zip->close()) {
            throw CannotArchive::because("$path cannot be written.");
        }

        return ['jobs' => count($jobs), 'people' => count($document['people'])];
    }

    /**
     * What an archive says of the shop, checked as far as it can be without taking it in.
     *
     * @return array<string, mixed>
     *
     * @throws CannotArchive if it is none, or not whole
     */
    public static function read(ZipArchive $zip): array
    {
        $document = json_decode((string) $zip->getFromName('shop.json'), true);
        if (! is_array($document) || ($document['format'] ?? null) !== self::FORMAT || ! is_array($document['jobs'] ?? null)) {
            throw CannotArchive::because('This is no archive of a shop.');
        }
        if (($document['version'] ?? null) !== self::VERSION) {
            throw CannotArchive::because('This Geodex reads version '.self::VERSION.' of archives.');
        }
        foreach ($document['jobs'] as $job) {
            if (! is_array($job) || ! is_string($job['file'] ?? null) || $zip->locateName($job['file']) === false) {
                throw CannotArchive::because('The archive is not whole: a job of its list is missing.');
            }
        }

        /** @var array<string, mixed> */
        return $document;
    }

    /** @return list<array<string, mixed>> */
    private function stock(Workshop $shop): array
    {
        return array_values($shop->stock()->get()->map(fn (StockItem $one): array => ['stock' => $one->stock, 'length' => $one->length, 'width' => $one->width, 'count' => $one->count, 'isRemnant' => $one->is_remnant])->all());
    }

    /** @return list<array<string, mixed>> */
    private function instruments(Workshop $shop): array
    {
        return array_values($shop->instruments()->get()->map(fn (Instrument $one): array => [
            'name' => $one->name, 'kind' => $one->kind->value, 'reachMm' => $one->reach_mm, 'sigma' => $one->sigma, 'offset' => $one->offset, 'checkedAt' => $one->checked_at?->toIso8601ZuluString(), 'lastCheck' => $one->last_check, 'simulated' => $one->simulated,
        ])->all());
    }

    /** @return list<array<mixed>> */
    private function practice(Workshop $shop): array
    {
        return array_values(DB::table('practice_runs')->join('users', 'users.id', '=', 'practice_runs.user_id')->where('users.workshop_id', $shop->id)->orderBy('practice_runs.id')
            ->get(['users.email', 'seed', 'level', 'readings', 'statement', 'score', 'practice_runs.created_at', 'practice_runs.updated_at'])->map(fn (object $row): array => (array) $row)->all());
    }

    /** @return list<array<string, mixed>> */
    private function audit(Workshop $shop): array
    {
        return array_values(AuditEntry::query()->where('workshop_id', $shop->id)->orderBy('id')->get()->map(fn (AuditEntry $one): array => ['who' => $one->who, 'action' => $one->action, 'about' => $one->about, 'at' => $one->created_at?->toIso8601ZuluString()])->all());
    }
}
