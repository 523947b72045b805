<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\Parts\PointsPart;
use App\Documents\Parts\Revision;
use App\Documents\StoredJob;
use App\Models\Job;
use App\Models\ReferenceSource;
use App\Models\Survey;
use App\Models\User;
use Geodex\Core\Frame\Axle;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Reference\ChartChecker;
use Geodex\Core\Reference\ChartFault;

/** What the frame should measure, and where that comes from. */
final readonly class ReferenceProps
{
    /**
     * @param  list<PointProps>  $points  as the reference in force has them
     * @param  list<ChartRowProps>  $rows  of the chart, to type in
     * @param  list<AxleProps>  $axles
     * @param  list<SourceProps>  $sources
     * @param  list<ChartFaultProps>  $faults
     * @param  list<SurveyChoiceProps>  $surveys  that a reference can be made of
     */
    public function __construct(
        public array $points,
        public array $rows,
        public array $axles,
        public array $sources,
        public array $faults,
        public array $surveys,
        public string $inForce,
        public string $revision,
    ) {}

    public static function from(Job $job, User $user, JobReader $jobs): self
    {
        $job->loadMissing(['points', 'sources', 'surveys', 'workshop']);
        $frame = (new StoredJob($jobs))->read($job)->frame;
        $charted = $job->points->contains(fn ($point): bool => $point->chart_x_mm !== null);
        $force = $job->sources->first(fn (ReferenceSource $source): bool => $source->in_force);
        $surveys = Survey::with('job')->whereIn('job_id', $user->workshop->jobs()->select('id'))->whereHas('readings')->orderBy('job_id')->orderBy('id')->limit(100)->get();

        return new self(
            points: array_map(fn ($point): PointProps => PointProps::from($point, null), $frame->points),
            rows: array_values($job->points->map(fn ($point): ChartRowProps => ChartRowProps::from($point))->all()),
            axles: array_map(fn (Axle $axle): AxleProps => AxleProps::from($axle), $frame->axles),
            sources: array_values($job->sources->map(fn (ReferenceSource $source): SourceProps => SourceProps::from($source))->all()),
            faults: array_map(fn (ChartFault $fault): ChartFaultProps => new ChartFaultProps($fault->kind->value, $fault->points, $fault->text), (new ChartChecker)->check($frame)),
            surveys: array_values($surveys->map(fn (Survey $survey): SurveyChoiceProps => new SurveyChoiceProps(
                id: $survey->id,
                own: $survey->job_id === $job->id,
                job: $survey->job->title,
                code: $survey->code,
                stage: $survey->stage,
            ))->all()),
            inForce: match (true) {
                ! $charted => 'the frame’s own mirror image',
                $force !== null => $force->name,
                default => 'the chart that came with the job',
            },
            revision: Revision::of(new PointsPart, $job),
        );
    }
}
