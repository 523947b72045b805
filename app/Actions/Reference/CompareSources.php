<?php

declare(strict_types=1);

namespace App\Actions\Reference;

use App\Actions\Survey\AssessSurvey;
use App\Models\Job;
use App\Models\Point;
use App\Models\ReferenceSource;
use App\Models\Scalar;
use App\Models\Survey;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Reference\SourceComparer;
use Geodex\Core\Reference\SourceComparison;

/** Holds two references of a job against each other, and against what was read. */
final readonly class CompareSources
{
    /** The reference that the points carry, by another name than any source. */
    public const IN_FORCE = '-';

    public function __construct(private AssessSurvey $assess) {}

    /** Null where two were not named. */
    public function handle(Job $job, Survey $survey, string $first, string $second): ?SourceComparison
    {
        $sources = $job->sources()->get()->keyBy('code');
        [$a, $b] = [$this->places($job, $sources->get($first), $first), $this->places($job, $sources->get($second), $second)];
        if ($a === [] || $b === [] || $first === $second) {
            return null;
        }
        $names = [$sources->get($first)->name ?? 'the reference in force', $sources->get($second)->name ?? 'the reference in force'];
        $measured = $this->assess->handle($survey)->assessment?->survey;

        return (new SourceComparer)->compare($a, $b, $names, $measured, Scalar::texts($job->points->where('is_base', true)->pluck('code')));
    }

    /** @return array<string, Vector3> */
    private function places(Job $job, ?ReferenceSource $source, string $code): array
    {
        if ($source !== null || $code !== self::IN_FORCE) {
            return $source?->places() ?? [];
        }
        $places = [];
        foreach ($job->points->filter(fn (Point $point): bool => $point->chart_x_mm !== null) as $point) {
            $places[$point->code] = Vector3::of($point->chart_x_mm ?? 0.0, $point->chart_y_mm ?? 0.0, $point->chart_z_mm ?? 0.0);
        }

        return $places;
    }
}
