<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\Job;
use App\Models\LogEntry;
use Geodex\Core\Failure\CoreFailure;
use Illuminate\Support\Carbon;

/** How long the arc was on in the last ten minutes, and how long the kept sheet of the machine allows. */
final readonly class ArcTimeProps
{
    private const PERIOD_MINUTES = 10;

    /** @param  ?float  $allowed  minutes in ten; null where no duty cycle is kept with the job */
    public function __construct(public float $minutes, public ?float $allowed) {}

    public static function from(Job $job): self
    {
        $recent = $job->logEntries()->where('kind', 'run')->where('created_at', '>', Carbon::now()->subMinutes(self::PERIOD_MINUTES))->get();
        $seconds = array_sum($recent->map(fn (LogEntry $one): float => is_numeric($one->data['seconds'] ?? null) ? (float) $one->data['seconds'] : 0.0)->all());

        return new self($seconds / 60, self::allowed($job));
    }

    private static function allowed(Job $job): ?float
    {
        $sheet = $job->worksheets()->with('job.workshop')->where('tool', 'duty')->reorder('id', 'desc')->first();
        if ($sheet === null) {
            return null;
        }
        try {
            $minutes = $sheet->sheet()->worked($sheet->given)['onMinutes'] ?? null;
        } catch (CoreFailure) {
            return null;
        }

        return is_numeric($minutes) ? (float) $minutes : null;
    }
}
