<?php

declare(strict_types=1);

namespace App\Report;

use App\Archive\CannotArchive;
use App\Documents\JobDocument;
use App\Models\Job;
use App\Models\LogEntry;
use Geodex\Core\JobFile\JobWriter;
use Illuminate\Support\Str;
use ZipArchive;

/** The folder with all that belongs to it as one file: PDF, job file, every picture and every voice note, each named by when it was taken. */
final readonly class HandOverBundle
{
    private const SOUNDS = ['audio/webm' => 'webm', 'audio/ogg' => 'ogg', 'audio/mp4' => 'm4a'];

    public function __construct(private JobWriter $writer) {}

    /** @throws CannotArchive if it cannot be written */
    public function write(Job $job, string $pdf, string $path): void
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw CannotArchive::because("$path cannot be written.");
        }
        $name = Str::slug($job->title) ?: 'job';
        $zip->addFromString("$name.pdf", $pdf);
        $zip->addFromString("$name.job.json", $this->writer->write(JobDocument::forExport($job)));
        foreach ($job->logEntries()->get() as $i => $entry) {
            $this->add($zip, $job, $entry, sprintf('%s-%04d', $entry->created_at->utc()->format('Ymd-His'), $i + 1));
        }
        foreach ($job->pictures()->whereNotIn('id', $job->logEntries()->whereNotNull('picture_id')->reorder()->select('picture_id'))->get() as $picture) {
            $zip->addFromString(sprintf('pictures/%s-%d.jpg', Str::slug($picture->name) ?: 'picture', $picture->id), $picture->jpeg);
        }
        if (! $zip->close()) {
            throw CannotArchive::because("$path cannot be written.");
        }
    }

    private function add(ZipArchive $zip, Job $job, LogEntry $entry, string $name): void
    {
        $picture = $entry->picture_id === null ? null : $job->pictures()->find($entry->picture_id);
        $voice = $entry->recording_id === null ? null : $job->recordings()->find($entry->recording_id);
        if ($picture !== null) {
            $zip->addFromString("pictures/$name.jpg", $picture->jpeg);
        }
        if ($voice !== null) {
            $zip->addFromString("voices/$name.".(self::SOUNDS[$voice->mime] ?? 'bin'), $voice->sound);
        }
    }
}
