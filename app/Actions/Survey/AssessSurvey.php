<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Documents\JobDocument;
use App\Models\Survey;
use App\Models\Workshop;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Findings\ChartSlipFinder;
use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Survey\Forecaster;
use Geodex\Core\Survey\Repeat\RepeatFinder;
use Geodex\Core\Survey\StartingTour;
use Geodex\Core\Survey\SurveyOptions;

/** Computes a stored survey. What cannot be computed yet comes back with the reason and the start of a tour. */
final readonly class AssessSurvey
{
    /** Next readings that a screen offers. */
    private const SHOWN = 5;

    public function __construct(private JobReader $jobs) {}

    public function handle(Survey $survey): AssessedSurvey
    {
        $job = $this->jobs->fromDocument(JobDocument::forCore($survey->job, $survey));
        $options = new SurveyOptions(reach: $this->reach($survey->job->workshop), suggestions: Forecaster::CANDIDATES, buildScatter: $survey->job->workshop->build_scatter_mm);
        $log = $job->surveys[0];
        $repeats = (new RepeatFinder)->find($log);
        try {
            $assessment = (new SurveyAssessor($options))->assess($job->frame, $log);
            $forecast = (new Forecaster($options))->forecast($assessment->frame, $log, $assessment->survey, $assessment->next);

            return new AssessedSurvey(
                $assessment->frame,
                $assessment,
                null,
                // Where the way to the end is foreseen, its first readings are the next; where it is not, the best ones.
                array_slice($forecast->toGo === null ? $assessment->next : $forecast->readings, 0, self::SHOWN),
                $forecast,
                $assessment->doubts,
                $repeats,
                $log->blocked,
            );
        } catch (CoreFailure $failure) {
            return new AssessedSurvey($job->frame, null, $failure, (new StartingTour)->remaining($job->frame, $log, self::SHOWN, $options), null, (new ChartSlipFinder)->find($job->frame, $log), $repeats, $log->blocked);
        }
    }

    /** The longest tram bar that the shop has named, or what its settings say (mm). */
    private function reach(Workshop $workshop): float
    {
        $longest = $workshop->instruments()->where('kind', 'tram-bar')->max('reach_mm');

        return is_numeric($longest) ? (float) $longest : $workshop->tram_reach_mm;
    }
}
