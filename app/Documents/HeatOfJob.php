<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use App\Models\LogEntry;
use Geodex\Core\Chassis\Steel;
use Geodex\Core\Frame\Side;
use Geodex\Core\RunSheet\JointHeat;
use Geodex\Core\RunSheet\WeldRun;
use Illuminate\Support\Carbon;

/** How warm the joints of a job are now, by the runs in its log. */
final readonly class HeatOfJob
{
    /** @return array<string, JointHeat> by operation whose joint it is */
    public static function of(Job $job, PlannedJob $planned): array
    {
        $runs = [];
        $entries = $job->logEntries()->where('created_at', '>', Carbon::now()->subHours(5))->get();
        $superseded = LogEntry::superseded($entries);
        foreach ($entries as $entry) {
            $number = fn (string $key): float => is_numeric($entry->data[$key] ?? null) ? (float) $entry->data[$key] : 0.0;
            if ($entry->kind === 'run' && ! isset($superseded[$entry->id]) && preg_match('/^(.+)-(?:tack|root|weld)$/', $entry->step, $of) === 1) {
                $runs[$of[1]][] = new WeldRun($entry->created_at->getTimestampMs() / 1000, $number('runHeat'), $number('length'));
            }
        }
        $heats = [];
        foreach ($planned->plan->shifts->all ?? [] as $shift) {
            $section = $planned->core->chassis->section(Side::Left, $shift->cut) ?? $planned->core->chassis->section(Side::Right, $shift->cut);
            $heat = $section === null ? null : JointHeat::of($runs[$shift->operation] ?? [], $section->rail->thickness(), $section->depth + 2 * $section->width, $section->rail->steel !== Steel::Mild, Carbon::now()->getTimestampMs() / 1000);
            $heats += $heat === null ? [] : [$shift->operation => $heat];
        }

        return $heats;
    }
}
