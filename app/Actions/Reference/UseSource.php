<?php

declare(strict_types=1);

namespace App\Actions\Reference;

use App\Documents\SourcePoints;
use App\Models\Job;
use App\Models\Point;
use App\Models\ReferenceSource;
use Geodex\Core\Geometry\Vector3;
use Illuminate\Support\Facades\DB;

/** Puts a reference in force: the points of the job carry its places. What was in force before is kept among the sources. */
final readonly class UseSource
{
    private const JOB_CHART = 'job-chart';

    /** @param  ?ReferenceSource  $source  null holds the frame against its own mirror image */
    public function handle(Job $job, ?ReferenceSource $source): void
    {
        DB::transaction(function () use ($job, $source): void {
            $this->keepChart($job);
            $job->sources()->update(['in_force' => false]);
            $source?->update(['in_force' => true]);
            $points = array_column($source->points ?? [], null, 'id');
            foreach ($job->points()->get() as $point) {
                $at = $points[$point->code]['at'] ?? [null, null, null];
                $sigma = $points[$point->code]['sigma'] ?? [null, null, null];
                $point->update([
                    'chart_x_mm' => $at[0], 'chart_y_mm' => $at[1], 'chart_z_mm' => $at[2],
                    'chart_sigma_x_mm' => $sigma[0], 'chart_sigma_y_mm' => $sigma[1], 'chart_sigma_z_mm' => $sigma[2],
                ]);
            }
            $job->update(['reference_covariance' => $source?->covariance]);
            $job->surveys()->increment('revision');
        });
    }

    /** A chart that came with the job is no source yet; it becomes one before it is replaced. */
    public function keepChart(Job $job): void
    {
        $charted = $job->points()->whereNotNull('chart_x_mm')->get();
        if ($charted->isEmpty() || $job->sources()->where('in_force', true)->exists()) {
            return;
        }
        $places = [];
        foreach ($charted as $point) {
            $places[$point->code] = $this->place($point);
        }
        $job->sources()->updateOrCreate(['code' => self::JOB_CHART], ['name' => 'Chart of the job', 'kind' => 'chart', 'points' => SourcePoints::of($places, []), 'remarks' => [], 'in_force' => true]);
    }

    private function place(Point $point): Vector3
    {
        return Vector3::of($point->chart_x_mm ?? 0.0, $point->chart_y_mm ?? 0.0, $point->chart_z_mm ?? 0.0);
    }
}
