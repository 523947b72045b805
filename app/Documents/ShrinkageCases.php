<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use App\Models\LogEntry;
use App\Models\Workshop;
use Geodex\Core\RunSheet\Holds\ShrinkageCase;

/** What the joints of a shop really drew in: the readings of the witness marks at the tack, the root and cold, from the logs of its jobs. */
final readonly class ShrinkageCases
{
    private const MOST = 200;

    /** @return list<ShrinkageCase> the latest first */
    public static function of(Workshop $shop): array
    {
        return ShopLog::kept($shop, 'shrinkage', fn (): array => self::read($shop));
    }

    /** @return list<ShrinkageCase> */
    private static function read(Workshop $shop): array
    {
        $read = [];
        foreach (self::readings($shop) as $entry) {
            $reading = $entry->data['reading'] ?? null;
            if (is_numeric($reading) && preg_match('/^(.*)-(tack|root|weld)$/', $entry->step, $of) === 1) {
                $read["$entry->job_id $of[1]"][$of[2]] ??= $entry;
            }
        }
        $jobs = Job::query()->whereIn('id', array_map(fn (string $key): int => (int) $key, array_keys($read)))->get()->keyBy('id');
        $recorded = self::recorded(array_values(array_map(fn (Job $job): int => $job->id, $jobs->all())));
        $cases = [];
        foreach ($read as $key => $one) {
            [$id, $operation] = explode(' ', $key, 2);
            if (isset($one['tack'], $one['weld'])) {
                $number = fn (string $stage): float => is_numeric($one[$stage]->data['reading'] ?? null) ? (float) $one[$stage]->data['reading'] : 0.0;
                $kind = $one['weld']->data['joint'] ?? null;
                $target = $one['weld']->data['target'] ?? null;
                $cases[] = new ShrinkageCase($jobs[(int) $id]->title ?? '', is_string($kind) ? $kind : '', is_numeric($target) ? (float) $target : null, $number('tack'), isset($one['root']) ? $number('root') : null, $number('weld'), isset($recorded["$id $operation"], $recorded["$id posts"]));
            }
        }

        return array_slice($cases, 0, self::MOST);
    }

    /** @return iterable<LogEntry> */
    private static function readings(Workshop $shop): iterable
    {
        return LogEntry::query()->whereIn('job_id', $shop->jobs()->select('id'))->where('kind', 'done')->whereNotNull('data')->whereRaw("(step like '%-tack' or step like '%-root' or step like '%-weld')")
            ->whereNotIn('id', LogEntry::query()->whereNotNull('supersedes')->select('supersedes'))->orderByDesc('id')->limit(6 * self::MOST)->get();
    }

    /**
     * @param  list<int>  $jobs
     * @return array<string, true> “job operation” of joints whose runs were logged, “job posts” of jobs whose supports were
     */
    private static function recorded(array $jobs): array
    {
        $recorded = [];
        foreach (LogEntry::query()->whereIn('job_id', $jobs)->where(fn ($of) => $of->where('kind', 'run')->orWhere('step', 'posts'))->get(['job_id', 'step']) as $entry) {
            $recorded[$entry->job_id.' '.($entry->step === 'posts' ? 'posts' : preg_replace('/-(tack|root|weld)$/', '', $entry->step))] = true;
        }

        return $recorded;
    }
}
