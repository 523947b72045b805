<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\PlannedJob;
use Geodex\Core\Plan\Consequence;
use Geodex\Core\Plan\Consequences;

/** What the plan does to the vehicle, before and after. */
final readonly class ConsequencesProps
{
    /**
     * @param  list<ConsequenceProps>  $rows
     * @param  list<CarriedProps>  $carried
     */
    public function __construct(public array $rows, public array $carried, public bool $isPlanned, public ?TroubleProps $trouble) {}

    public static function from(PlannedJob $job): self
    {
        $rows = $job->plan === null ? [] : (new Consequences($job->shop))->of($job->plan);

        return new self(
            rows: array_map(fn (Consequence $one): ConsequenceProps => new ConsequenceProps($one->name, $one->label, $one->unit, $one->before, $one->after, $one->note, $one->changes()), $rows),
            carried: $job->plan === null ? [] : PlanProps::carried($job->core->chassis, $job->plan),
            isPlanned: $job->core->operations !== [],
            trouble: $job->failure === null ? null : TroubleProps::from($job->failure),
        );
    }
}
