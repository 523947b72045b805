<?php

declare(strict_types=1);

namespace App\Actions\RunSheet;

use App\Actions\Survey\AssessSurvey;
use App\Documents\Parts\PlanPart;
use App\Documents\Parts\Revision;
use App\Documents\RunOfJob;
use App\Documents\WrittenEntry;
use App\Models\Job;
use App\Models\LogEntry;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\RunSheet\Cautions;
use Geodex\Core\RunSheet\Holds\HoldVerdict;
use Geodex\Core\RunSheet\StandardSteps;
use Geodex\Core\RunSheet\Step;
use Geodex\Core\Survey\PointResult;
use Geodex\Core\Survey\Verdict;

/** What was found at the hold point of a step. What does not let go on is kept, and the step stays open. */
final readonly class JudgeHold
{
    /** The step at which the corners are read before any support. */
    private const BEFORE = 'bench';

    public function __construct(private AssessSurvey $assess) {}

    /**
     * @return array{'done'|'reading', ?array<string, mixed>} kind of the entry, and what it holds
     *
     * @throws InvalidFields if what the hold asks for is missing
     */
    public function handle(Job $job, RunOfJob $run, Step $step, WrittenEntry $entry): array
    {
        abort_if(Cautions::areAsked($step) && ! $entry->isSeenTo, 422, 'Say first that the cautions of this step were seen to.');
        $hold = $step->hold;
        if ($hold === null) {
            return ['done', null];
        }
        $verdict = match (true) {
            $entry->survey !== null && $hold->allows('survey') => $this->survey($job, $entry->survey),
            $entry->heights !== null && $hold->allows('heights') => $this->heights($run, $step, $entry->heights),
            $hold->allows('marks') => HoldVerdict::ofReadings($hold, [...$this->again($job, $step), ...($entry->reading === null ? [] : [$entry->reading])], HoldVerdict::SIGMA),
            $hold->allows('picture') => $this->pictured($job, $step, $entry),
            $hold->allows('look') => HoldVerdict::seen(),
            default => throw InvalidFields::at('reading', "missing: $hold->what."),
        };
        $kind = $run->kinds[$step->joint] ?? null;

        return [$verdict->mayGoOn() ? 'done' : 'reading', $verdict->told === [] ? null : ['action' => $verdict->action, ...$verdict->told, ...($kind === null ? [] : ['joint' => $kind]), ...($entry->survey === null ? [] : ['plan' => Revision::of(new PlanPart, $job)])]];
    }

    /** @param  array<string, mixed>  $heights */
    private function heights(RunOfJob $run, Step $step, array $heights): HoldVerdict
    {
        $shop = $run->planned->shop;
        $read = [...$heights, 'sigma' => $shop->value(StandardSteps::cornerHeight()), 'limit' => $shop->value(StandardSteps::supportTwist())];

        return $step->id === self::BEFORE ? HoldVerdict::asItStands($read) : HoldVerdict::ofHeights([...$read, ...$this->before($run)]);
    }

    private function survey(Job $job, string $code): HoldVerdict
    {
        $survey = $job->ownSurveys()->firstWhere('code', $code) ?? abort(422, 'This vehicle has no such survey.');
        $points = $this->assess->handle($survey)->assessment->survey->points ?? [];
        $count = fn (Verdict $verdict): int => count(array_filter($points, fn (PointResult $point): bool => $point->verdict === $verdict));

        return HoldVerdict::ofSurvey($survey->called(), $count(Verdict::In), $count(Verdict::Out), $count(Verdict::Unsure), $count(Verdict::Unmeasured));
    }

    /** @return list<float> what was read there before and was to be measured again: their mean counts */
    private function again(Job $job, Step $step): array
    {
        $read = [];
        $superseded = LogEntry::superseded($job->logEntries()->where('step', $step->id)->get());
        foreach ($job->logEntries()->where('step', $step->id)->whereIn('kind', ['reading', 'done', 'reopened', 'otherwise'])->reorder('id', 'desc')->limit(HoldVerdict::MOST_READINGS)->get() as $entry) {
            $one = $entry->data['read'] ?? null;
            if (isset($superseded[$entry->id])) {
                continue;
            }
            if ($entry->kind !== 'reading' || ($entry->data['action'] ?? null) !== 'measure-again' || ! is_numeric($one)) {
                break;
            }
            $read[] = (float) $one;
        }

        return $read;
    }

    /** @return array<string, mixed> the four corners as they stood before, where the same were read */
    private function before(RunOfJob $run): array
    {
        $earlier = $run->done[self::BEFORE]->data['heights'] ?? null;

        return is_array($earlier) && is_array($earlier['heights'] ?? null) ? ['reference' => $earlier['heights']] : [];
    }

    private function pictured(Job $job, Step $step, WrittenEntry $entry): HoldVerdict
    {
        abort_if($entry->file === null && ! $job->logEntries()->where('step', $step->id)->whereNotNull('picture_id')->exists(), 422, 'Take a picture of it first: this step is seen by eye, and the picture says so.');

        return HoldVerdict::seen();
    }
}
