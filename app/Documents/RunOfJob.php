<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use App\Models\LogEntry;
use App\Models\Part;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Plan\CarriedChange;
use Geodex\Core\Plan\CutLength;
use Geodex\Core\RunSheet\Arrow;
use Geodex\Core\RunSheet\BoltedPattern;
use Geodex\Core\RunSheet\Holds\ShrinkageBook;
use Geodex\Core\RunSheet\PlannedCut;
use Geodex\Core\RunSheet\PlannedPart;
use Geodex\Core\RunSheet\StandardSteps;
use Geodex\Core\RunSheet\Step;
use Geodex\Core\RunSheet\StrippedItem;

/** The steps that a job asks for, with those that a person put in, and which of them are done by its log. */
final readonly class RunOfJob
{
    /**
     * @param  list<Step>  $steps
     * @param  list<Arrow>  $arrows  of persons
     * @param  list<StrippedItem>  $stripped
     * @param  array<string, LogEntry>  $done  by step: the entry that says so
     * @param  array<string, string>  $kinds  of joints, by operation
     */
    private function __construct(public PlannedJob $planned, public array $steps, public array $arrows, public array $stripped, public array $done, public array $kinds) {}

    public static function of(Job $job): self
    {
        $planned = PlannedJob::of($job);
        $crossing = array_map(fn (CarriedChange $one): string => $one->feature, array_filter($planned->plan->carried ?? [], fn (CarriedChange $one): bool => abs($one->change) > 0.001 || $one->end !== null));
        $stripped = StrippedItem::list(array_values($crossing), $job->strip_list ?? []);
        $kinds = self::kinds($planned);
        $steps = StandardSteps::of(self::cuts($planned, $kinds), self::parts($job), self::moved($planned), $stripped, self::bolted($job), $job->driveline !== null && $planned->core->operations !== [], $planned->shop);

        $book = ShopTimes::book($job->workshop);

        return new self($planned, [...array_map($book->corrected(...), $steps), ...self::own($job)], self::arrows($job), $stripped, self::done($job), $kinds);
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

    /** @return array<string, string> what kind of joint each cut is: what its shrinkage is told together with */
    private static function kinds(PlannedJob $job): array
    {
        $taken = JointsOfJob::taken($job->job);
        $kinds = [];
        foreach ($job->plan->cuts ?? [] as $length) {
            $kinds[$length->operation] = ($length->what === 'insert' ? 'insert, ' : 'closed, ').($taken[$length->operation] ?? 'butt');
        }

        return $kinds;
    }

    /**
     * @param  array<string, string>  $kinds
     * @return list<PlannedCut>
     */
    private static function cuts(PlannedJob $job, array $kinds): array
    {
        $cuts = [];
        $cases = ShrinkageCases::of($job->job->workshop);
        $witness = array_column($job->plan->witness ?? [], null, 'operation');
        foreach ($job->plan->cuts ?? [] as $length) {
            $marks = $witness[$length->operation] ?? null;
            $book = ShrinkageBook::of($length->drawsIn, $cases, $kinds[$length->operation] ?? '');
            $cuts[] = new PlannedCut($length->operation, self::title($job, $length->operation), $length->what === 'insert', $marks->before ?? 0.0, $marks->after ?? 0.0, $book);
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
        return array_values($job->parts()->get()->map(fn (Part $part): PlannedPart => new PlannedPart(
            $part->id, $part->title, preg_match('/^plan:([^:]+):/', $part->asked_by ?? '', $of) === 1 ? $of[1] : '', $part->count, $part->state, $part->mirrors, str_ends_with($part->asked_by ?? '', ':closing plate'),
        ))->all());
    }

    /** @return list<string> what the plan changes besides its cuts */
    private static function moved(PlannedJob $job): array
    {
        $cut = array_map(fn (CutLength $length): string => $length->operation, $job->plan->cuts ?? []);
        $moved = [];
        foreach ($job->core->operations as $operation) {
            if (! in_array($operation->id(), $cut, true)) {
                $moved[] = $operation::label().", {$operation->id()}";
            }
        }

        return $moved;
    }

    /** @return list<BoltedPattern> by the sheets of fasteners that are kept */
    private static function bolted(Job $job): array
    {
        $bolted = [];
        foreach ($job->worksheets()->with('job.workshop')->whereIn('tool', ['fit-forecast', 'torque'])->orderBy('id')->get() as $sheet) {
            try {
                $told = $sheet->sheet()->worked($sheet->given);
            } catch (CoreFailure) {
                continue;
            }
            $title = $sheet->title === '' ? 'Bolts' : $sheet->title;
            $condition = $sheet->given['condition'] ?? '';
            $bolted[] = $sheet->tool === 'torque' ? BoltedPattern::torqued($sheet->id, $title, $told, is_string($condition) ? $condition : '') : BoltedPattern::drilled($sheet->id, $title, $told);
        }

        return $bolted;
    }

    /** @return list<Step> */
    private static function own(Job $job): array
    {
        return array_map(fn (array $one): Step => new Step($one['id'], $one['title'], 'own', '', '', $one['minutes'], $one['needs'], isOwn: true), $job->own_steps ?? []);
    }

    /** @return list<Arrow> */
    private static function arrows(Job $job): array
    {
        return array_map(fn (array $one): Arrow => new Arrow($one['first'], $one['then']), $job->run_arrows ?? []);
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
