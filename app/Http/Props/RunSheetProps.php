<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\HeatOfJob;
use App\Documents\PlannedJob;
use App\Documents\RunOfJob;
use App\Models\Job;
use App\Models\LogEntry;
use Geodex\Core\Calculators\HeatInputCalculator;
use Geodex\Core\RunSheet\JointHeat;
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
     * @param  list<JointHeatProps>  $heats  of joints that were welded lately
     * @param  list<string>  $processes  of welding
     * @param  array<string, mixed>  $lastRun  what the shop welded with last; mm
     */
    public function __construct(public array $steps, public float $minutesLeft, public float $longestChain, public int $setups, public ?array $conflict, public array $log, public array $heats, public array $lastRun, public array $processes) {}

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
            self::heats($job), self::lastRun($job), HeatInputCalculator::fields()[0]->choices,
        );
    }

    /** @return list<JointHeatProps> */
    private static function heats(Job $job): array
    {
        $heats = HeatOfJob::of($job, PlannedJob::of($job));

        return array_map(fn (string|int $joint, JointHeat $heat): JointHeatProps => JointHeatProps::from((string) $joint, $heat), array_keys($heats), $heats);
    }

    /** @return array<string, mixed> */
    private static function lastRun(Job $job): array
    {
        $last = LogEntry::query()->whereIn('job_id', $job->workshop->jobs()->select('id'))->where('kind', 'run')->orderByDesc('id')->first();

        return array_intersect_key($last->data ?? [], ['process' => 0, 'voltage' => 0, 'current' => 0, 'length' => 0]);
    }
}
