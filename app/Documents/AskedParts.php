<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Worksheet;
use Geodex\Core\Calculators\Splice\SpliceComparer;
use Geodex\Core\Calculators\Splice\SpliceOption;
use Geodex\Core\Calculators\Splice\SpliceSite;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\Values;
use Geodex\Core\Parts\GearParts;
use Geodex\Core\Parts\PlanParts;
use Geodex\Core\Parts\ProposedPart;
use Geodex\Core\Plan\Shift;

/** The parts that the plan and the running gear of a job ask for. */
final readonly class AskedParts
{
    /** @return array<string, ProposedPart> by key */
    public static function of(PlannedJob $job): array
    {
        $parts = [...self::plan($job), ...self::gear($job)];

        return array_column(array_map(fn (ProposedPart $one): array => [$one->key, $one], $parts), 1, 0);
    }

    /** @return list<ProposedPart> */
    private static function plan(PlannedJob $job): array
    {
        $parts = [];
        foreach ($job->plan->cuts ?? [] as $length) {
            $shift = $job->plan?->shifts->of($length->operation);
            if ($shift === null) {
                continue;
            }
            $insert = PlanParts::insert($length, $shift->cut, $job->core->chassis);
            array_push($parts, ...($insert === null ? [] : [$insert]));
            foreach (self::joints($job, $shift) as $i => $joint) {
                array_push($parts, ...PlanParts::joint($length->operation, $joint, $insert !== null, $i === 0));
            }
        }

        return $parts;
    }

    /** @return list<SpliceOption> the ways of joining there that hold and have parts, best first; none where the rail is not joined by welding at all */
    public static function joints(PlannedJob $job, Shift $shift): array
    {
        $given = ['at' => $shift->cut, 'insertLength' => $shift->inserted > 0.0 ? $shift->inserted : null];
        foreach (SpliceSite::fields() as $field) {
            $given[$field->name] ??= $field->default;
        }
        try {
            $options = (new SpliceComparer)->compare(SpliceSite::of($job->core->chassis, new FrameLoads($job->core->chassis, $job->shop), new Values($given)));
        } catch (CoreFailure) {
            return [];
        }

        return array_values(array_filter($options, fn (SpliceOption $option): bool => $option->holds && $option->parts !== []));
    }

    /** @return list<ProposedPart> */
    private static function gear(PlannedJob $job): array
    {
        $parts = [];
        foreach ($job->job->worksheets as $sheet) {
            $part = self::sheet($sheet);
            $parts = $part === null ? $parts : [...$parts, $part];
        }

        return $parts;
    }

    private static function sheet(Worksheet $sheet): ?ProposedPart
    {
        try {
            return GearParts::of($sheet->tool, $sheet->id, $sheet->title, $sheet->given, $sheet->sheet()->worked($sheet->given));
        } catch (CoreFailure) {
            return null;
        }
    }

    /**
     * What nobody has taken yet; of a joint whose parts are there no other way is asked for.
     *
     * @param  array<string, ProposedPart>  $asked
     * @param  array<mixed>  $taken  keys
     * @return list<ProposedPart>
     */
    public static function open(array $asked, array $taken): array
    {
        $keys = array_filter($taken, is_string(...));
        $isSettled = fn (ProposedPart $one): bool => $one->instead !== '' && array_filter($keys, fn (string $key): bool => str_starts_with($key, $one->instead) && explode(':', $key)[3] !== explode(':', $one->key)[3]) !== [];

        return array_values(array_filter($asked, fn (ProposedPart $one): bool => ! in_array($one->key, $keys, true) && ! $isSettled($one)));
    }
}
