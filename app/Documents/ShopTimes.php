<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use App\Models\LogEntry;
use App\Models\Workshop;
use Geodex\Core\RunSheet\Time\LoggedTime;
use Geodex\Core\RunSheet\Time\TimeBook;

/** What steps took, by the logs of a shop. */
final readonly class ShopTimes
{
    private const MOST = 1000;

    public static function book(Workshop $shop): TimeBook
    {
        return ShopLog::kept($shop, 'times', fn (): TimeBook => TimeBook::of(self::logged(LogEntry::query()->whereIn('job_id', $shop->jobs()->select('id'))->where('kind', 'done')->where('data->minutes', '>', 0)->orderByDesc('id')->limit(self::MOST)->get()->all())));
    }

    public static function ofJob(Job $job): TimeBook
    {
        return TimeBook::of(self::loggedOf($job));
    }

    /** @return list<LoggedTime> */
    public static function loggedOf(Job $job): array
    {
        return self::logged($job->logEntries()->where('kind', 'done')->where('data->minutes', '>', 0)->get()->all());
    }

    /**
     * @param  array<int, LogEntry>  $entries
     * @return list<LoggedTime>
     */
    private static function logged(array $entries): array
    {
        $logged = [];
        foreach ($entries as $entry) {
            [$kind, $estimated, $minutes] = [$entry->data['stepKind'] ?? null, $entry->data['estimated'] ?? null, $entry->data['minutes'] ?? null];
            if (is_string($kind) && is_numeric($estimated) && is_numeric($minutes)) {
                $logged[] = new LoggedTime($kind, (float) $estimated, (float) $minutes);
            }
        }

        return $logged;
    }
}
