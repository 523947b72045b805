<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Actions\Jobs\ImportJob;
use App\Documents\StoredJob;
use App\Models\Job;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Plan\Cutting;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\OperationKinds;
use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Support\Facades\DB;

/** Replaces the plan of a job, if it can be carried out. */
final readonly class SavePlan
{
    public function __construct(private StoredJob $jobs, private FramePlanner $planner) {}

    /**
     * @param  list<array{id: string, kind: string, at: string, length: string, kerf: string, witness: string, level: bool}>  $operations  lengths as typed
     * @param  'mm'|'in'  $unit  what a bare number means
     *
     * @throws CoreFailure if a length cannot be read or the plan not be carried out
     */
    public function handle(Job $job, array $operations, string $unit): void
    {
        $unit = LengthUnit::from($unit);
        $made = [];
        foreach ($operations as $typed) {
            $made[] = OperationKinds::make(
                $typed['kind'],
                $typed['id'],
                Length::parse($typed['at'], $unit)->mm,
                Length::parse($typed['length'], $unit)->mm,
                new Cutting(Length::parse($typed['kerf'], $unit)->mm, Length::parse($typed['witness'], $unit)->mm, $typed['level']),
            );
        }
        $this->planner->plan($this->jobs->read($job)->frame, $made);
        DB::transaction(function () use ($job, $made, $operations): void {
            $job->operations()->delete();
            foreach ($made as $i => $operation) {
                ['at' => $at, 'length' => $length, 'kerf' => $kerf, 'witness' => $witness] = $operations[$i];
                $job->operations()->create(ImportJob::operationColumns($operation, ['at' => $at, 'length' => $length, 'kerf' => $kerf, 'witness' => $witness]));
            }
            $job->touch();
        });
        $job->unsetRelation('operations');
    }
}
