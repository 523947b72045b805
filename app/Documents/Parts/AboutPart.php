<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Models\Job;
use Illuminate\Database\Eloquent\Model;

/**
 * What a job is about besides its title: by what it is found again, and what was noted of it. Core reads nothing of it.
 *
 * @implements SavedPart<Job>
 */
final readonly class AboutPart implements JobPart, SavedPart
{
    /** @var array<string, string> column by key of the document */
    private const COLUMNS = ['plate' => 'plate', 'frameNumber' => 'frame_number', 'odometer' => 'odometer', 'customerReference' => 'customer_reference', 'notes' => 'notes'];

    public function name(): string
    {
        return 'what the job is about';
    }

    /** @param  Job  $owner */
    public function state(Model $owner): mixed
    {
        return $owner->newQuery()->whereKey($owner->getKey())->firstOrFail(['title', 'vehicle', ...array_values(self::COLUMNS)])->attributesToArray();
    }

    public function layOut(Job $job, Layout $as): array
    {
        if (! $as->asTyped) {
            return [];
        }

        return ['about' => array_filter(array_map(fn (string $column): mixed => $job->getAttribute($column), self::COLUMNS), fn (mixed $one): bool => $one !== null && $one !== '')];
    }

    public function import(Job $stored, Import $from): void
    {
        $about = $from->section('about');
        foreach (self::COLUMNS as $key => $column) {
            if (is_string($about[$key] ?? null)) {
                $stored->setAttribute($column, $about[$key]);
            }
        }
        $stored->save();
    }
}
