<?php

declare(strict_types=1);

namespace App\Actions\RunSheet;

use App\Documents\RunOfJob;
use App\Models\Job;
use App\Models\LogEntry;
use App\Models\User;
use App\Parts\TakePicture;
use Geodex\Core\Calculators\HeatInputCalculator;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\RunSheet\Cautions;
use Geodex\Core\RunSheet\HoldVerdict;
use Geodex\Core\RunSheet\Step;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Writes one thing into the log of a job: a step done, with what was read at its hold point; or that it went otherwise; or a note, a picture, a stop. */
final readonly class RecordEntry
{
    private const MOST = 5000;

    public function __construct(private TakePicture $pictures) {}

    /**
     * @param  ?float  $reading  mm
     * @param  ?Values  $run  what a run was welded with, as the calculator of heat takes it
     * @param  bool  $isSeenTo  whether somebody says that the cautions were seen to
     *
     * @throws InvalidFields if the step waits for a reading
     */
    public function handle(Job $job, User $user, string $clientId, string $step, string $kind, string $text, ?float $reading, bool $isSeenTo, ?UploadedFile $picture = null, ?int $supersedes = null, ?Values $run = null): LogEntry
    {
        $known = $job->logEntries()->where('client_id', $clientId)->first();
        if ($known !== null) {
            return $known;
        }
        abort_if($job->logEntries()->count() >= self::MOST, 422, sprintf('A log holds no more than %d entries.', self::MOST));
        $of = $step === '' ? null : RunOfJob::of($job)->step($step);
        abort_if($step !== '' && $of === null && ! in_array($kind, ['note', 'picture'], true), 422, 'The run sheet has no such step any more: the plan was changed.');
        if ($run !== null) {
            return $this->stored($job, $user, $clientId, $step, $kind, $text, $this->welded($run), null, $supersedes);
        }
        [$kind, $data] = $of === null || $kind !== 'done' ? [$kind, null] : $this->judged($of, $reading, $isSeenTo);

        return $this->stored($job, $user, $clientId, $step, $kind, $text, $data, $picture, $supersedes);
    }

    /** @param  ?array<string, mixed>  $data */
    private function stored(Job $job, User $user, string $clientId, string $step, string $kind, string $text, ?array $data, ?UploadedFile $picture, ?int $supersedes): LogEntry
    {
        try {
            return DB::transaction(function () use ($job, $user, $clientId, $step, $kind, $text, $data, $picture, $supersedes): LogEntry {
                $kept = $picture === null ? null : $job->pictures()->create([...$this->pictures->handle((string) $picture->getContent()), 'name' => 'Log', 'user_id' => $user->id]);

                return $job->logEntries()->create(['client_id' => $clientId, 'step' => $step, 'kind' => $kind, 'text' => $text, 'data' => $data, 'picture_id' => $kept?->id, 'supersedes' => $supersedes, 'user_id' => $user->id, 'created_at' => Carbon::now()]);
            });
        } catch (UniqueConstraintViolationException) {
            // Sent twice at once: the first of them is the entry.
            return $job->logEntries()->where('client_id', $clientId)->firstOrFail();
        }
    }

    /** @return array{'done'|'reading', ?array<string, mixed>} a reading that does not let go on is kept, and the step stays open */
    private function judged(Step $step, ?float $reading, bool $isSeenTo): array
    {
        abort_if(Cautions::areAsked($step) && ! $isSeenTo, 422, 'Say first that the cautions of this step were seen to.');
        if ($step->hold === null) {
            return ['done', null];
        }
        $verdict = HoldVerdict::of($step->hold, $reading, HoldVerdict::SIGMA);

        return [$verdict->mayGoOn() ? 'done' : 'reading', $verdict->told === null ? null : ['reading' => $reading, 'action' => $verdict->action, 'expected' => $verdict->told['expected'], 'uncertainty' => $verdict->told['uncertainty'], 'limit' => $verdict->told['limit'], 'move' => $verdict->told['move'], 'readings' => $verdict->told['readings']]];
    }

    /** @return array<string, mixed> what was set, and the heat that it put in */
    private function welded(Values $run): array
    {
        $told = (new HeatInputCalculator)->calculate($run);

        return [...array_filter($run->toArray(), fn (mixed $one): bool => $one !== null), 'heatInput' => $told['heatInput'], 'runHeat' => $told['runHeat'], 'coolingTime' => $told['coolingTime'] ?? null];
    }
}
