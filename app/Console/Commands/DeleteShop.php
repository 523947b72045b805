<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Archive\CannotArchive;
use App\Archive\ShopArchive;
use App\Models\Workshop;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use ZipArchive;

/** Deletes a shop with all that it has, if an archive of it is there that has as many jobs. */
final class DeleteShop extends Command
{
    protected $signature = 'geodex:delete-shop {workshop : its name} {archive : of it, as geodex:export-shop wrote it} {--yes : do not ask}';

    protected $description = 'Delete a shop after its archive was written';

    public function handle(): int
    {
        $shop = Workshop::query()->where('name', $this->argument('workshop'))->first();
        if ($shop === null) {
            return $this->no('There is no workshop of that name.');
        }
        $zip = new ZipArchive;
        try {
            $document = $zip->open((string) $this->argument('archive'), ZipArchive::RDONLY) === true ? ShopArchive::read($zip) : throw CannotArchive::because('The archive cannot be read.');
        } catch (CannotArchive $failure) {
            return $this->no('Nothing was deleted. '.$failure->getMessage());
        }
        $jobs = is_array($document['jobs'] ?? null) ? count($document['jobs']) : 0;
        if (($document['name'] ?? null) !== $shop->name || $jobs !== $shop->jobs()->count()) {
            return $this->no('Nothing was deleted. The archive is of another shop, or older than its latest job: write it again.');
        }
        if (! $this->option('yes') && ! $this->confirm("Delete {$shop->name} with $jobs jobs? There is no way back but the archive.")) {
            return $this->no('Nothing was deleted.');
        }
        DB::transaction(function () use ($shop): void {
            DB::table('sessions')->whereIn('user_id', $shop->users()->pluck('id'))->delete();
            // A point that was read is held by its readings.
            $surveys = DB::table('surveys')->whereIn('job_id', DB::table('jobs')->where('workshop_id', $shop->id)->select('id'))->select('id');
            DB::table('reading_points')->whereIn('reading_id', DB::table('readings')->whereIn('survey_id', $surveys)->select('id'))->delete();
            DB::table('datum_decisions')->whereIn('survey_id', $surveys)->delete();
            // Keys take jobs, people, instruments and all that hangs on them along.
            DB::table('workshops')->where('id', $shop->id)->delete();
        });
        $this->line("{$shop->name} is deleted.");

        return self::SUCCESS;
    }

    private function no(string $why): int
    {
        $this->error($why);

        return self::FAILURE;
    }
}
