<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\LogEntry;
use App\Models\Workshop;

/** What the joints of a shop really drew in: the reading of the witness marks at the tack less that cold, from the logs of its jobs. */
final readonly class ShrinkageCases
{
    private const MOST = 200;

    /** @return list<float> mm, the latest first */
    public static function of(Workshop $shop): array
    {
        $entries = LogEntry::query()->whereIn('job_id', $shop->jobs()->select('id'))->where('kind', 'done')->whereNotNull('data')->whereRaw("(step like '%-tack' or step like '%-weld')")
            ->whereNotIn('id', LogEntry::query()->whereNotNull('supersedes')->select('supersedes'))->orderByDesc('id')->limit(4 * self::MOST)->get();
        $read = [];
        foreach ($entries as $entry) {
            $reading = $entry->data['reading'] ?? null;
            if (is_numeric($reading) && preg_match('/^(.*)-(tack|weld)$/', $entry->step, $of) === 1) {
                $read["$entry->job_id $of[1]"][$of[2]] ??= (float) $reading;
            }
        }
        $cases = [];
        foreach ($read as $one) {
            $cases = isset($one['tack'], $one['weld']) ? [...$cases, $one['tack'] - $one['weld']] : $cases;
        }

        return array_slice($cases, 0, self::MOST);
    }
}
