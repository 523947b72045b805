<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use App\Models\LogEntry;
use App\Models\Part;
use Geodex\Core\Plan\CarriedChange;
use Geodex\Core\Plan\CutLength;
use Geodex\Core\RunSheet\PlannedCut;
use Geodex\Core\RunSheet\PlannedPart;
use Geodex\Core\RunSheet\ShrinkageBook;
use Geodex\Core\RunSheet\StandardSteps;
use Geodex\Core\RunSheet\Step;

/** The steps that a job asks for, with those that a person put in, and which of them are done by its log. */
final readonly class RunOfJob
{
    /**
     * @param  list<Step>  $steps
     * @param  array<string, LogEntry>  $done  by step: the entry that says so
     */
    private function __construct(public array $steps, public array $done) {}

    public static function of(Job $job): self
    {
        $planned = PlannedJob::of($job);
        $steps = StandardSteps::of(self::cuts($planned), self::parts($job), self::moved($planned), $job->driveline !== null && $planned->core->operations !== [], $planned->shop);

        return new self([...$steps, ...self::own($job)], self::done($job));
    }

    public function step(string $id): ?Step
    {
        foreach ($this->steps as $step) {
            if ($step->id === $id) {
                return $step;
            }
        }

        return null;
    }

    /** @return list<PlannedCut> */
    private static function cuts(PlannedJob $job): array
    {
        $cuts = [];
        $cases = ShrinkageCases::of($job->job->workshop);
        $witness = array_column($job->plan->witness ?? [], null, 'operation');
        $crossing = array_map(fn (CarriedChange $one): string => $one->feature, $job->plan->carried ?? []);
        foreach ($job->plan->cuts ?? [] as $i => $length) {
            $marks = $witness[$length->operation] ?? null;
            $cuts[] = new PlannedCut($length->operation, self::title($job, $length->operation), $length->what === 'insert', $marks->before ?? 0.0, $marks->after ?? 0.0, ShrinkageBook::of($length->drawsIn, $cases), $i === 0 ? $crossing : []);
        }

        return $cuts;
    }

    private static function title(PlannedJob $job, string $id): string
    {
        foreach ($job->core->operations as $operation) {
            if ($operation->id() === $id) {
                return mb_strtolower($operation::label())." $id";
            }
        }

        return $id;
    }

    /** @return list<PlannedPart> */
    private static function parts(Job $job): array
    {
        return array_values($job->parts()->get()->map(fn (Part $part): PlannedPart => new PlannedPart($part->id, $part->title, preg_match('/^plan:([^:]+):/', $part->asked_by ?? '', $of) === 1 ? $of[1] : '', $part->count, $part->state, $part->mirrors))->all());
    }

    /** @return list<string> what the plan changes besides its cuts */
    private static function moved(PlannedJob $job): array
    {
        $cut = array_map(fn (CutLength $length): string => $length->operation, $job->plan->cuts ?? []);
        $moved = [];
        foreach ($job->core->operations as $operation) {
            if (! in_array($operation->id(), $cut, true)) {
                $moved[] = self::sentence($operation::label(), $operation->id());
            }
        }

        return $moved;
    }

    private static function sentence(string $label, string $id): string
    {
        return "$label, $id";
    }

    /** @return list<Step> */
    private static function own(Job $job): array
    {
        return array_map(fn (array $one): Step => new Step($one['id'], $one['title'], 'own', '', '', $one['minutes'], $one['needs'], isOwn: true), $job->own_steps ?? []);
    }

    /** @return array<string, LogEntry> */
    private static function done(Job $job): array
    {
        $done = [];
        $entries = $job->logEntries()->with('user')->get();
        $superseded = LogEntry::superseded($entries);
        foreach ($entries as $entry) {
            if (isset($superseded[$entry->id])) {
                continue;
            }
            if (in_array($entry->kind, ['done', 'otherwise'], true)) {
                $done[$entry->step] = $entry;
            } elseif ($entry->kind === 'reopened') {
                unset($done[$entry->step]);
            }
        }

        return $done;
    }
}
