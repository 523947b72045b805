<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\HeatOfJob;
use App\Documents\RunOfJob;
use App\Models\Job;
use App\Models\LogEntry;
use Geodex\Core\Calculators\HeatInputCalculator;
use Geodex\Core\RunSheet\Heat\NearestSettings;
use Geodex\Core\RunSheet\Heat\Zone;
use Geodex\Core\RunSheet\OrderedStep;
use Geodex\Core\RunSheet\RunSheet;
use Geodex\Core\RunSheet\Step;
use Illuminate\Support\Carbon;

/** What is to be done, in order, and what has happened. */
final readonly class RunSheetProps
{
    /**
     * @param  string  $state  another one means that something has changed
     * @param  int  $latest  entry of the log
     * @param  string  $at  when this was told
     * @param  list<RunStepProps>  $steps  done ones first, then in order
     * @param  ?list<string>  $conflict  why no order is possible
     * @param  list<LogEntryProps>  $log  the latest first
     * @param  list<RailHeatProps>  $heats  of rails that were welded lately
     * @param  array<string, list<ZoneProps>>  $zones  where a run may lie, by joint
     * @param  list<string>  $processes  of welding
     * @param  array<string, mixed>  $lastRun  what the shop welded with last on a rail like this; mm
     * @param  array<string, mixed>  $lastHeights  widths between the corners, as typed last for this job; mm
     * @param  list<ArrowProps>  $arrows  of persons
     */
    public function __construct(
        public string $state, public int $latest, public string $at, public array $steps, public float $minutesLeft, public float $longestChain, public int $setups, public ?array $conflict, public array $log, public array $heats, public array $zones,
        public array $lastRun, public array $lastHeights, public array $processes, public array $arrows, public ArcTimeProps $arc,
    ) {}

    public static function from(Job $job): self
    {
        $run = RunOfJob::of($job);
        $sheet = RunSheet::of($run->steps, array_map(fn (): bool => true, $run->done), $run->arrows);
        $entries = $job->logEntries()->with('user')->get();
        $superseded = LogEntry::superseded($entries);
        $titles = array_column(array_map(fn (Step $step): array => [$step->id, $step->title], $run->steps), 1, 0);

        return new self(
            self::stateOf($job), $entries->last()->id ?? 0, Carbon::now()->utc()->format('Y-m-d\TH:i:s\Z'),
            array_map(fn (OrderedStep $one): RunStepProps => RunStepProps::from($one, $run->done[$one->step->id] ?? null), $sheet->steps), $sheet->minutesLeft, $sheet->longestChain, $sheet->setups, $sheet->conflict,
            array_values($entries->reverse()->map(fn (LogEntry $one): LogEntryProps => LogEntryProps::from($one, $titles, isset($superseded[$one->id])))->all()),
            array_map(RailHeatProps::from(...), HeatOfJob::of($job, $run->planned)), array_map(fn (array $zones): array => array_map(fn (Zone $zone): ZoneProps => new ZoneProps($zone->id(), $zone->label()), $zones), HeatOfJob::places($run->planned)),
            self::lastRun($job, HeatOfJob::thickness($run->planned)), self::lastHeights($run), HeatInputCalculator::fields()[0]->choices,
            ArrowProps::all($run->arrows, $titles), ArcTimeProps::from($job),
        );
    }

    /** Runs of the shop that the nearest settings are looked for among. */
    private const RUNS = 300;

    /** What a sheet in a browser has to know to be up to date. */
    public static function stateOf(Job $job): string
    {
        $kept = Job::query()->findOrFail($job->id, ['id', 'own_steps', 'run_arrows', 'strip_list', 'plan_variant']);

        return $job->logEntries()->count().'-'.substr(sha1((string) json_encode([$kept->own_steps, $kept->run_arrows, $kept->strip_list, $kept->plan_variant, $job->operations()->get()->toArray(), $job->parts()->get(['id', 'state', 'title', 'count'])->toArray()])), 0, 12);
    }

    /** @return array<string, mixed> */
    private static function lastRun(Job $job, ?float $thickness): array
    {
        $runs = LogEntry::query()->whereIn('job_id', $job->workshop->jobs()->select('id'))->where('kind', 'run')->orderByDesc('id')->limit(self::RUNS)->get();

        return array_intersect_key(NearestSettings::of(array_values($runs->map(fn (LogEntry $one): array => $one->data ?? [])->all()), $thickness), ['process' => 0, 'voltage' => 0, 'current' => 0, 'length' => 0, 'zone' => 0]);
    }

    /** @return array<string, mixed> */
    private static function lastHeights(RunOfJob $run): array
    {
        $kept = $run->done['bench']->data['heights'] ?? [];

        return is_array($kept) ? array_intersect_key($kept, ['frontWidth' => 0, 'rearWidth' => 0]) : [];
    }
}
