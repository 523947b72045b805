<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Documents\SourcePoints;
use App\Models\Job;
use App\Models\Point;
use Geodex\Core\Frame\Point as CorePoint;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Arr;

/**
 * The points of the frame with the reference in force, and how its points hang together.
 *
 * @implements SavedPart<Job>
 */
final readonly class PointsPart implements JobPart, SavedPart
{
    public function name(): string
    {
        return 'the chart';
    }

    /** @param  Job  $owner */
    public function state(Model $owner): mixed
    {
        return [
            ...$owner->points()->get()->mapWithKeys(fn (Point $one): array => [$one->code => Arr::except($one->attributesToArray(), ['id', 'job_id', 'code', 'position'])])->all(),
            'source' => $owner->sources()->where('in_force', true)->value('name'),
        ];
    }

    public function layOut(Job $job, Layout $as): array
    {
        return [
            'points' => $job->points->map(fn (Point $point): array => $this->point($point, $as))->values()->all(),
            'referenceCovariance' => $job->reference_covariance,
        ];
    }

    public function import(Job $stored, Import $from): void
    {
        $rows = [];
        foreach ($from->job->frame->points as $i => $point) {
            $rows[] = ['job_id' => $stored->id, 'position' => $i, ...self::columns($point)];
        }
        Point::insert($rows);
        foreach (Point::where('job_id', $stored->id)->get(['id', 'code']) as $point) {
            $from->keys[$point->code] = $point->id;
        }
        $stored->update(['reference_covariance' => SourcePoints::covariance($from->job->frame->referenceCovariance)]);
    }

    /** @return array<string, mixed> */
    public static function columns(CorePoint $point): array
    {
        return [
            'code' => $point->id,
            'name' => $point->name,
            'side' => $point->side->value,
            'mate_code' => $point->mate,
            'feature_kind' => $point->feature?->kind->value,
            'feature_diameter_mm' => $point->feature?->diameter?->mm,
            'chart_sigma_x_mm' => $point->referenceSigma?->x,
            'chart_sigma_y_mm' => $point->referenceSigma?->y,
            'chart_sigma_z_mm' => $point->referenceSigma?->z,
            'chart_x_mm' => $point->reference?->x,
            'chart_y_mm' => $point->reference?->y,
            'chart_z_mm' => $point->reference?->z,
            'tolerance_x_mm' => $point->tolerance->mm[0],
            'tolerance_y_mm' => $point->tolerance->mm[1],
            'tolerance_z_mm' => $point->tolerance->mm[2],
            'is_base' => $point->base,
        ];
    }

    /** @return array<string, mixed> */
    private function point(Point $point, Layout $as): array
    {
        $tolerance = [$point->tolerance_x_mm, $point->tolerance_y_mm, $point->tolerance_z_mm];
        $feature = $point->feature_kind === null ? null : array_filter(['kind' => $point->feature_kind, 'diameter' => $as->length($point->feature_diameter_mm)], fn (mixed $v): bool => $v !== null);

        return array_filter([
            'id' => $point->code,
            'name' => $point->name,
            'side' => $point->side,
            'mate' => $point->mate_code,
            'feature' => $feature,
            'reference' => $point->chart_x_mm === null ? null : [$as->length($point->chart_x_mm), $as->length($point->chart_y_mm), $as->length($point->chart_z_mm)],
            'referenceSigma' => $point->chart_sigma_x_mm === null ? null : [$as->length($point->chart_sigma_x_mm), $as->length($point->chart_sigma_y_mm), $as->length($point->chart_sigma_z_mm)],
            'tolerance' => $tolerance[0] === $tolerance[1] && $tolerance[1] === $tolerance[2] ? $tolerance[0] : $tolerance,
            'base' => $point->is_base,
        ], fn (mixed $part): bool => $part !== null);
    }
}
