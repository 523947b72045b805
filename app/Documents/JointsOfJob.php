<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use App\Models\LogEntry;
use Geodex\Core\Calculators\Splice\SpliceOption;
use Geodex\Core\Frame\Side;
use Geodex\Core\Plan\Shift;
use Geodex\Core\RunSheet\Welds\JointSite;
use Geodex\Core\RunSheet\Welds\SequenceSchool;
use Geodex\Core\RunSheet\Welds\WeldPlan;

/** The joints of a plan as they are welded. */
final readonly class JointsOfJob
{
    /** @return array<string, string> name of the way of joining whose parts were taken, by operation */
    public static function taken(Job $job): array
    {
        $taken = [];
        foreach ($job->parts()->pluck('asked_by') as $key) {
            if (is_string($key) && preg_match('/^plan:([^:]+):joint:([^:]+):/', $key, $of) === 1) {
                $taken[$of[1]] = $of[2];
            }
        }

        return $taken;
    }

    /** @return array<string, WeldPlan> by operation */
    public static function weldPlans(PlannedJob $job): array
    {
        $plans = [];
        $taken = self::taken($job->job);
        foreach ($job->plan->shifts->all ?? [] as $shift) {
            $section = $job->core->chassis->section(Side::Left, $shift->cut) ?? $job->core->chassis->section(Side::Right, $shift->cut);
            if ($section === null) {
                continue;
            }
            $choice = $job->job->weld_choices[$shift->operation] ?? null;
            $site = JointSite::of($section, self::apart($job, $shift), self::gap($job, $shift->operation), $shift->inserted, self::option($job, $shift, $taken[$shift->operation] ?? null), self::heat($job->job));
            $plans[$shift->operation] = WeldPlan::of($site, SequenceSchool::tryFrom($choice['school'] ?? '') ?? SequenceSchool::Balanced, $choice['isHeld'] ?? true, $choice['isTurned'] ?? true);
        }

        return $plans;
    }

    private static function option(PlannedJob $job, Shift $shift, ?string $school): ?SpliceOption
    {
        foreach ($school === null ? [] : AskedParts::joints($job, $shift) as $option) {
            if ($option->school::name() === $school) {
                return $option;
            }
        }

        return null;
    }

    private static function gap(PlannedJob $job, string $operation): float
    {
        foreach ($job->core->operations as $one) {
            if ($one->id() === $operation) {
                $gap = $one->values()['gap'] ?? 0.0;

                return is_numeric($gap) ? (float) $gap : 0.0;
            }
        }

        return 0.0;
    }

    private static function apart(PlannedJob $job, Shift $shift): float
    {
        $sides = ['left' => [], 'right' => []];
        foreach ($job->start->points as $point) {
            if ($point->reference !== null && $point->side !== Side::Centre) {
                $sides[$point->side->value][] = [abs($point->reference->x - $shift->cut), $point->reference->y];
            }
        }
        if ($sides['left'] === [] || $sides['right'] === []) {
            return JointSite::USUALLY_APART_MM;
        }
        [$left, $right] = [min($sides['left']), min($sides['right'])];

        return max(100.0, abs($right[1] - $left[1]));
    }

    /** Of the run that the shop logged last. */
    private static function heat(Job $job): float
    {
        $last = LogEntry::query()->whereIn('job_id', $job->workshop->jobs()->select('id'))->where('kind', 'run')->orderByDesc('id')->first();
        $heat = $last->data['heatInput'] ?? null;

        return is_numeric($heat) && $heat > 0 ? (float) $heat : JointSite::USUAL_HEAT;
    }
}
