<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Models\Job;
use App\Models\PlanOperation;
use Geodex\Core\Fields\FieldWriter;
use Geodex\Core\Plan\OperationKinds;
use Illuminate\Database\Eloquent\Model;

/**
 * The operations that are planned, by the fields of their kinds.
 *
 * @implements SavedPart<Job>
 */
final readonly class PlanPart implements JobPart, SavedPart
{
    public function name(): string
    {
        return 'the plan';
    }

    /** @param  Job  $owner */
    public function state(Model $owner): mixed
    {
        $variant = $owner->newQuery()->whereKey($owner->getKey())->value('plan_variant');

        return ['variant' => $variant, 'from' => $owner->newQuery()->whereKey($owner->getKey())->value('plan_from'), ...$owner->operations()->get()->mapWithKeys(fn (PlanOperation $one): array => [$one->code => ['kind' => $one->kind, ...$one->parameters]])->all()];
    }

    public function layOut(Job $job, Layout $as): array
    {
        $writer = new FieldWriter(fn (float $mm): float|string => $as->length($mm) ?? $mm);
        $write = fn (string $code, string $kind, array $parameters): array => ['id' => $code, 'kind' => $kind, ...$writer->write(OperationKinds::named($kind)::fields(), $parameters)];
        $operations = $job->operations->map(fn (PlanOperation $operation): array => $write($operation->code, $operation->kind, $operation->parameters))->values()->all();
        $others = [];
        foreach ($job->plan_others ?? [] as $letter => $kept) {
            $others[] = ['variant' => $letter, 'operations' => array_map(fn (array $one): array => $write($one['code'], $one['kind'], $one['parameters']), $kept)];
        }
        $plan = array_filter(['operations' => $operations, 'variant' => $others === [] && $job->plan_variant === 'A' ? null : $job->plan_variant, 'others' => $others, 'from' => $as->asTyped ? $job->plan_from : null, 'spread' => $as->asTyped ? $job->plan_spread : null], fn (mixed $part): bool => $part !== null && $part !== []);

        return ['plan' => $plan === [] ? null : $plan];
    }

    public function import(Job $stored, Import $from): void
    {
        foreach ($from->job->operations as $operation) {
            $stored->operations()->create([...PlanOperation::columns($operation), 'typed' => []]);
        }
        $others = [];
        foreach ($from->job->others as $other) {
            $others[$other->letter] = array_map(PlanOperation::columns(...), $other->operations);
        }
        $stored->update(['plan_variant' => $from->job->variant, 'plan_others' => $others === [] ? null : $others, 'plan_from' => $from->job->planFrom, 'plan_spread' => $from->section('plan')['spread'] ?? null]);
    }
}
