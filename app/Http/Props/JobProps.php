<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\StoredJob;
use App\Models\Job;
use App\Models\Survey;
use App\Models\User;
use App\Stages\JobState;
use App\Stages\Stage;
use App\Stages\Stages;
use Geodex\Core\JobFile\JobReader;

/** What every stage of a job shows around its work. */
final readonly class JobProps
{
    /**
     * @param  'mm'|'in'  $units
     * @param  list<StageProps>  $stages
     * @param  list<SurveyTabProps>  $surveys
     */
    public function __construct(
        public int $id,
        public string $title,
        public string $vehicle,
        public string $units,
        public int $inchDenominator,
        public string $survey,
        public array $stages,
        public array $surveys,
        public CanProps $can,
        public ?BodyProps $body,
    ) {}

    /** The frame as metal, where it is entered: every stage draws it. */
    private static function body(Job $job): ?BodyProps
    {
        if (($job->frame['rails'] ?? []) === []) {
            return null;
        }
        $core = (new StoredJob(new JobReader))->read($job);

        return BodyProps::from($core->chassis, $core->frame->points);
    }

    public static function from(Job $job, Survey $survey, User $user): self
    {
        $state = new JobState($job, $survey);
        $surveys = [];
        foreach ($job->surveys as $one) {
            $surveys[] = new SurveyTabProps($one->code, $one->called(), $one->stage, route('survey', [$job->id, $one->code]), $one->to_target);
        }

        return new self(
            id: $job->id, title: $job->title, vehicle: $job->vehicle, units: $job->units, inchDenominator: $job->workshop->inch_denominator, survey: $survey->code,
            stages: array_map(fn (Stage $stage): StageProps => StageProps::from($stage, $state), Stages::all()), surveys: $surveys, can: CanProps::from($user, $job), body: self::body($job),
        );
    }
}
