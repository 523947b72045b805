<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use App\Models\LogEntry;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Frame\Side;
use Geodex\Core\RunSheet\Heat\RailHeat;
use Geodex\Core\RunSheet\Heat\RailStrip;
use Geodex\Core\RunSheet\Heat\Thermometer;
use Geodex\Core\RunSheet\Heat\WeldRun;
use Geodex\Core\RunSheet\Heat\Zone;
use Illuminate\Support\Carbon;

/** How warm the joints of a job are now, by the runs and the temperatures in its log. */
final readonly class HeatOfJob
{
    /** Older ones say nothing of now (hours). */
    private const KEPT_HOURS = 5;

    /** @return list<array{joint: string, side: Side, heat: RailHeat}> */
    public static function of(Job $job, PlannedJob $planned): array
    {
        [$runs, $read] = self::logged($job);
        $heats = [];
        foreach (self::strips($planned) as $joint => [$strip, $hasInsert]) {
            foreach ([Side::Left, Side::Right] as $side) {
                $heat = self::rail($strip, $runs[$joint][$side->value] ?? [], self::zones($hasInsert, $side), $read[$joint][$side->value] ?? null);
                $heats = $heat === null ? $heats : [...$heats, ['joint' => $joint, 'side' => $side, 'heat' => $heat]];
            }
        }

        return $heats;
    }

    /** @return array<string, list<Zone>> where a run may lie, by operation */
    public static function places(PlannedJob $planned): array
    {
        return array_map(fn (array $one): array => Zone::all($one[1]), self::strips($planned));
    }

    /**
     * What a thermometer puts on the rises that the runs are expected to have made.
     *
     * @throws InvalidFields if nothing is warm there, or it is so far off that it is a mistake
     */
    public static function factor(Job $job, string $joint, Zone $zone, float $temperature, float $when): float
    {
        [$strip, $hasInsert] = self::strips(PlannedJob::of($job))[$joint] ?? throw InvalidFields::at('temperature', 'nothing is known of the rail there: enter its section first.');
        $heat = RailHeat::of($strip, self::logged($job)[0][$joint][$zone->side->value] ?? [], self::zones($hasInsert, $zone->side), new Thermometer($zone, $when, $temperature), max($when, Carbon::now()->getTimestampMs() / 1000));

        return $heat->factor ?? throw InvalidFields::at('temperature', 'no run was logged on this rail that could have warmed it.');
    }

    /**
     * @param  list<WeldRun>  $runs
     * @param  list<Zone>  $zones
     */
    private static function rail(RailStrip $strip, array $runs, array $zones, ?Thermometer $read): ?RailHeat
    {
        $now = Carbon::now()->getTimestampMs() / 1000;
        try {
            return RailHeat::of($strip, $runs, $zones, $read, $now);
        } catch (InvalidFields) {
            // A run that was taken back leaves a temperature that fits nothing any more.
            return RailHeat::of($strip, $runs, $zones, null, $now);
        }
    }

    /** @return list<Zone> */
    private static function zones(bool $hasInsert, Side $side): array
    {
        return array_values(array_filter(Zone::all($hasInsert), fn (Zone $zone): bool => $zone->side === $side));
    }

    /** @return array<string, array{RailStrip, bool}> by operation, with whether something is put in */
    private static function strips(PlannedJob $planned): array
    {
        $strips = [];
        foreach ($planned->plan->shifts->all ?? [] as $shift) {
            $section = $planned->core->chassis->section(Side::Left, $shift->cut) ?? $planned->core->chassis->section(Side::Right, $shift->cut);
            $strips += $section === null ? [] : [$shift->operation => [RailStrip::of($section, $shift->inserted, $planned->shop), $shift->inserted > 0.0]];
        }

        return $strips;
    }

    /** Of the rail at the first joint, mm; null where nothing is cut or known. */
    public static function thickness(PlannedJob $planned, string $joint = ''): ?float
    {
        $strips = self::strips($planned);
        $strip = $strips[$joint] ?? array_values($strips)[0] ?? null;

        return $strip === null ? null : $strip[0]->thickness;
    }

    /** @return array{array<string, array<string, list<WeldRun>>>, array<string, array<string, Thermometer>>} runs, and the latest temperature, by operation and side */
    private static function logged(Job $job): array
    {
        $runs = $read = [];
        $entries = $job->logEntries()->where('created_at', '>', Carbon::now()->subHours(self::KEPT_HOURS))->get();
        $superseded = LogEntry::superseded($entries);
        foreach ($entries as $entry) {
            $zone = Zone::named(is_string($entry->data['zone'] ?? null) ? $entry->data['zone'] : '');
            if ($zone === null || isset($superseded[$entry->id]) || preg_match('/^(.+)-(?:tack|root|weld)$/', $entry->step, $of) !== 1) {
                continue;
            }
            $number = fn (string $key): float => is_numeric($entry->data[$key] ?? null) ? (float) $entry->data[$key] : 0.0;
            $when = $entry->created_at->getTimestampMs() / 1000;
            if ($entry->kind === 'run') {
                $runs[$of[1]][$zone->side->value][] = new WeldRun($zone, $when, $number('runHeat'), $number('length'));
            } elseif ($entry->kind === 'temperature') {
                $read[$of[1]][$zone->side->value] = new Thermometer($zone, $when, $number('temperature'));
            }
        }

        return [$runs, $read];
    }
}
