<?php

declare(strict_types=1);

namespace App\Actions\RunSheet;

use App\Documents\HeatOfJob;
use App\Documents\PlannedJob;
use App\Documents\RunOfJob;
use App\Documents\WrittenEntry;
use App\Models\Job;
use App\Models\LogEntry;
use App\Models\User;
use App\Parts\TakePicture;
use Geodex\Core\Calculators\HeatInputCalculator;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\RunSheet\Step;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Writes one thing into the log of a job: a step done, with what was found at its hold point; or that it went otherwise; a weld run, a temperature, a note, a picture, a voice, a stop. */
final readonly class RecordEntry
{
    private const MOST = 5000;

    /** What waits for less was sent at once (s). */
    private const AT_ONCE = 30.0;

    public function __construct(private TakePicture $pictures, private TakeVoice $voices, private JudgeHold $holds) {}

    /** @throws InvalidFields if the step waits for something to be measured, or what was measured cannot be */
    public function handle(Job $job, User $user, WrittenEntry $entry): LogEntry
    {
        $known = $job->logEntries()->where('client_id', $entry->clientId)->first();
        if ($known !== null) {
            return $known;
        }
        abort_if($job->logEntries()->count() >= self::MOST, 422, sprintf('A log holds no more than %d entries.', self::MOST));
        $run = RunOfJob::of($job);
        $step = $run->step($entry->step);
        abort_if($entry->step !== '' && $step === null && ! $entry->says('note', 'picture', 'voice'), 422, 'The run sheet has no such step any more: the plan was changed.');
        $this->mustBeNews($job, $entry);
        [$kind, $data] = match (true) {
            $entry->run !== null => ['run', $this->welded($run->planned, $entry)],
            $entry->says('temperature') => ['temperature', $this->read($job, $entry)],
            $step !== null && $entry->says('done') => $this->timed($job, $step, $entry, $this->holds->handle($job, $run, $step, $entry)),
            default => [$entry->kind, null],
        };

        return $this->stored($job, $user, $entry, $kind, $data);
    }

    /** Two people, one of them without a network: the later one is told what the other wrote, and decides. */
    private function mustBeNews(Job $job, WrittenEntry $entry): void
    {
        if ($entry->seen === null || $entry->despite || $entry->step === '' || ! $entry->says('done', 'otherwise', 'reopened')) {
            return;
        }
        $since = $job->logEntries()->with('user')->where('step', $entry->step)->where('id', '>', $entry->seen)->whereIn('kind', ['done', 'otherwise', 'reopened', 'stop'])->reorder('id', 'desc')->first();
        abort_if($since !== null, 409, sprintf('%s wrote “%s” for this step at %s, before yours arrived.', $since?->user->name ?? 'Somebody', ['done' => 'done', 'otherwise' => 'not as planned', 'reopened' => 'not done', 'stop' => 'stopped'][$since->kind ?? ''] ?? '', $since?->created_at->utc()->format('H:i').' UTC'));
    }

    /** @param  ?array<string, mixed>  $data */
    private function stored(Job $job, User $user, WrittenEntry $entry, string $kind, ?array $data): LogEntry
    {
        try {
            return DB::transaction(function () use ($job, $user, $entry, $kind, $data): LogEntry {
                $content = $entry->file === null ? null : (string) $entry->file->getContent();
                $now = Carbon::now();

                return $job->logEntries()->create([
                    'client_id' => $entry->clientId, 'step' => $entry->step, 'kind' => $kind, 'text' => $entry->text, 'data' => $data, 'supersedes' => $entry->supersedes, 'user_id' => $user->id,
                    'picture_id' => $content === null || $kind === 'voice' ? null : $job->pictures()->create([...$this->pictures->handle($content), 'name' => 'Log', 'user_id' => $user->id])->id,
                    'recording_id' => $content === null || $kind !== 'voice' ? null : $job->recordings()->create([...$this->voices->handle($content), 'user_id' => $user->id])->id,
                    'created_at' => $now->copy()->subMilliseconds((int) round(1000 * $entry->waited)), 'arrived_at' => $entry->waited > self::AT_ONCE ? $now : null,
                ]);
            });
        } catch (UniqueConstraintViolationException) {
            // Sent twice at once: the first of them is the entry.
            return $job->logEntries()->where('client_id', $entry->clientId)->firstOrFail();
        }
    }

    /**
     * Where somebody said that it was begun, what it took; a step that was opened again, from when it was begun again.
     *
     * @param  array{'done'|'reading', ?array<string, mixed>}  $judged
     * @return array{'done'|'reading', ?array<string, mixed>}
     */
    private function timed(Job $job, Step $step, WrittenEntry $entry, array $judged): array
    {
        $ended = $job->logEntries()->where('step', $step->id)->whereIn('kind', ['done', 'otherwise', 'reopened', 'stop'])->max('id') ?? 0;
        $begun = $judged[0] === 'done' ? $job->logEntries()->where('step', $step->id)->where('kind', 'begun')->where('id', '>', $ended)->reorder('id', 'desc')->first() : null;
        if ($begun === null) {
            return $judged;
        }
        $seconds = (Carbon::now()->getTimestampMs() - $begun->created_at->getTimestampMs()) / 1000 - $entry->waited;

        return [$judged[0], [...$judged[1] ?? [], 'minutes' => max(0.0, $seconds / 60), 'estimated' => $step->minutes, 'stepKind' => $step->kind]];
    }

    /** @return array<string, mixed> what was set, and the heat that it put in */
    private function welded(PlannedJob $planned, WrittenEntry $entry): array
    {
        $thickness = HeatOfJob::thickness($planned, (string) preg_replace('/-(tack|root|weld)$/', '', $entry->step));
        $run = $entry->run?->toArray() ?? [];
        // Where the rail is known, its cooling time is too.
        $given = $entry->run === null || $thickness === null || $entry->run->has('thickness') ? $entry->run : new Values([...$entry->run->toArray(), 'thickness' => $thickness]);
        $told = $given === null ? [] : (new HeatInputCalculator)->calculate($given);

        return [...array_filter($run, fn (mixed $one): bool => $one !== null), 'heatInput' => $told['heatInput'] ?? null, 'runHeat' => $told['runHeat'] ?? null, 'coolingTime' => $told['coolingTime'] ?? null, ...($entry->zone === null ? [] : ['zone' => $entry->zone->id()]), ...($thickness === null ? [] : ['railThickness' => $thickness])];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidFields if nothing is warm there, or it is so far off that it is a mistake
     */
    private function read(Job $job, WrittenEntry $entry): array
    {
        if ($entry->zone === null || $entry->temperature === null) {
            throw InvalidFields::at('temperature', 'missing: where it was read, and what.');
        }
        $joint = preg_match('/^(.+)-(?:tack|root|weld)$/', $entry->step, $of) === 1 ? $of[1] : '';
        $factor = HeatOfJob::factor($job, $joint, $entry->zone, $entry->temperature, Carbon::now()->getTimestampMs() / 1000 - $entry->waited);

        return ['zone' => $entry->zone->id(), 'temperature' => $entry->temperature, 'factor' => $factor];
    }
}
