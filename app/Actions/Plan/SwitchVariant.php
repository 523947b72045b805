<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Models\Job;
use App\Models\PlanOperation;
use Illuminate\Support\Facades\DB;

/** Puts another variant of the plan in force; a new one begins as a copy of the one before. */
final readonly class SwitchVariant
{
    public function __construct(private KeepCrossing $crossing) {}

    /** @param  'A'|'B'|'C'  $letter */
    public function handle(Job $job, string $letter): void
    {
        if ($letter === $job->plan_variant) {
            return;
        }
        DB::transaction(function () use ($job, $letter): void {
            $others = $job->plan_others ?? [];
            $now = array_values($job->operations()->get()->map(fn (PlanOperation $one): array => ['code' => $one->code, 'kind' => $one->kind, 'parameters' => $one->parameters])->all());
            $next = $others[$letter] ?? $now;
            $others[$job->plan_variant] = $now;
            unset($others[$letter]);
            $job->operations()->delete();
            foreach ($next as $one) {
                $job->operations()->create([...$one, 'typed' => []]);
            }
            $job->update(['plan_variant' => $letter, 'plan_others' => $others]);
        });
        $job->unsetRelation('operations');
        $this->crossing->handle($job);
    }
}
