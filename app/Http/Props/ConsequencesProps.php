<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\PlannedJob;
use Geodex\Core\Plan\Consequence;
use Geodex\Core\Plan\Consequences;
use Geodex\Core\Plan\Variant;

/** What the plan does to the vehicle, before and after. */
final readonly class ConsequencesProps
{
    /**
     * @param  list<ConsequenceProps>  $rows
     * @param  list<CarriedProps>  $carried
     * @param  list<VariantProps>  $variants  side by side; none where there is one alone
     */
    public function __construct(public array $rows, public array $carried, public array $variants, public bool $isPlanned, public ?TroubleProps $trouble) {}

    public static function from(PlannedJob $job): self
    {
        $rows = $job->plan === null ? [] : (new Consequences($job->shop))->of($job->plan);

        return new self(
            rows: array_map(fn (Consequence $one): ConsequenceProps => new ConsequenceProps($one->name, $one->label, $one->unit, $one->before, $one->after, $one->note, $one->changes()), $rows),
            carried: $job->plan === null ? [] : PlanProps::carried($job->core->chassis, $job->plan, $job->job),
            variants: $job->core->others === [] ? [] : self::variants($job),
            isPlanned: $job->core->operations !== [],
            trouble: $job->failure === null ? null : TroubleProps::from($job->failure),
        );
    }

    /** @return list<VariantProps> */
    private static function variants(PlannedJob $job): array
    {
        $all = [VariantProps::from(new Variant($job->core->variant, $job->core->operations), $job, true), ...array_map(fn (Variant $one): VariantProps => VariantProps::from($one, $job, false), $job->core->others)];
        usort($all, fn (VariantProps $a, VariantProps $b): int => $a->letter <=> $b->letter);

        return $all;
    }
}
