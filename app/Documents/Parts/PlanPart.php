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
        return $owner->operations()->get()->mapWithKeys(fn (PlanOperation $one): array => [$one->code => ['kind' => $one->kind, ...$one->parameters]])->all();
    }

    public function layOut(Job $job, Layout $as): array
    {
        $writer = new FieldWriter(fn (float $mm): float|string => $as->length($mm) ?? $mm);
        $operations = $job->operations->map(fn (PlanOperation $operation): array => [
            'id' => $operation->code, 'kind' => $operation->kind, ...$writer->write(OperationKinds::named($operation->kind)::fields(), $operation->parameters),
        ])->values()->all();

        return ['plan' => $operations === [] ? null : ['operations' => $operations]];
    }

    public function import(Job $stored, Import $from): void
    {
        foreach ($from->job->operations as $operation) {
            $stored->operations()->create([...PlanOperation::columns($operation), 'typed' => []]);
        }
    }
}
