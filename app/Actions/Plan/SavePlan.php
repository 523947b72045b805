<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Documents\MeasuredFrame;
use App\Documents\StoredJob;
use App\Models\Job;
use App\Models\PlanOperation;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Frame\StationNames;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\InvalidPlan;
use Geodex\Core\Plan\Operation;
use Geodex\Core\Plan\OperationKinds;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Support\Facades\DB;

/** Replaces the plan of a job, if it can be carried out. */
final readonly class SavePlan
{
    public function __construct(private StoredJob $jobs, private KeepCrossing $crossing, private MeasuredFrame $measured) {}

    /**
     * @param  list<array<string, mixed>>  $typed  operations by the fields of their kinds, as typed
     * @param  LengthUnit  $unit  what a bare number means
     *
     * @throws CoreFailure if something cannot be read or the plan not be carried out
     */
    public function handle(Job $job, array $typed, LengthUnit $unit): void
    {
        $core = $this->jobs->read($job);
        $operations = $this->read($typed, $unit, new StationNames($core->frame));
        (new FramePlanner($job->workshop->shop()))->plan($this->measured->start($job, $core->frame), $operations, $core->chassis);
        DB::transaction(function () use ($job, $operations, $typed): void {
            $job->operations()->delete();
            $typed = array_column($typed, null, 'id');
            usort($operations, fn (Operation $a, Operation $b): int => $a->station() <=> $b->station());
            foreach ($operations as $operation) {
                $job->operations()->create([...PlanOperation::columns($operation), 'typed' => $typed[$operation->id()] ?? []]);
            }
            $job->touch();
        });
        $job->unsetRelation('operations');
        $this->crossing->handle($job);
    }

    /**
     * @param  list<array<string, mixed>>  $typed
     * @return list<Operation>
     *
     * @throws CoreFailure
     */
    private function read(array $typed, LengthUnit $unit, StationNames $stations): array
    {
        $operations = $problems = [];
        foreach ($typed as $i => $one) {
            try {
                [$kind, $id] = [$one['kind'] ?? '', $one['id'] ?? ''];
                $operations[] = OperationKinds::read(
                    kind: is_string($kind) ? $kind : '',
                    id: is_string($id) ? $id : '',
                    given: array_diff_key($one, ['id' => 0, 'kind' => 0]),
                    reader: new FieldReader($unit, typed: true, stations: $stations),
                    path: "operations.$i",
                );
            } catch (InvalidFields $invalid) {
                array_push($problems, ...explode("\n", $invalid->getMessage()));
            } catch (InvalidPlan $invalid) {
                $problems[] = "operations.$i".(isset($invalid->context()['kind']) ? '.kind' : '').": {$invalid->getMessage()}";
            }
        }

        return $problems === [] ? $operations : throw InvalidFields::with($problems);
    }
}
