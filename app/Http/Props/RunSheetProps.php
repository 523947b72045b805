<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\RunOfJob;
use App\Models\Job;
use App\Models\LogEntry;
use Geodex\Core\RunSheet\OrderedStep;
use Geodex\Core\RunSheet\RunSheet;
use Geodex\Core\RunSheet\Step;

/** What is to be done, in order, and what has happened. */
final readonly class RunSheetProps
{
    /**
     * @param  list<RunStepProps>  $steps  done ones first, then in order
     * @param  ?list<string>  $conflict  why no order is possible
     * @param  list<LogEntryProps>  $log  the latest first
     */
    public function __construct(public array $steps, public float $minutesLeft, public float $longestChain, public int $setups, public ?array $conflict, public array $log) {}

    public static function from(Job $job): self
    {
        $run = RunOfJob::of($job);
        $sheet = RunSheet::of($run->steps, array_map(fn (): bool => true, $run->done));
        $entries = $job->logEntries()->with('user')->get();
        $superseded = LogEntry::superseded($entries);
        $titles = array_column(array_map(fn (Step $step): array => [$step->id, $step->title], $run->steps), 1, 0);

        return new self(
            array_map(fn (OrderedStep $one): RunStepProps => RunStepProps::from($one, $run->done[$one->step->id] ?? null), $sheet->steps), $sheet->minutesLeft, $sheet->longestChain, $sheet->setups, $sheet->conflict,
            array_values($entries->reverse()->map(fn (LogEntry $one): LogEntryProps => LogEntryProps::from($one, $titles, isset($superseded[$one->id])))->all()),
        );
    }
}
