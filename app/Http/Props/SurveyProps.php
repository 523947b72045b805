<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Actions\Survey\AssessedSurvey;
use App\Actions\Survey\AssessSurvey;
use App\Models\Presence;
use App\Models\Reading;
use App\Models\Survey;
use App\Models\User;
use Geodex\Core\Findings\ChartDoubt;
use Geodex\Core\Findings\PullStep;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Survey\MeasuringTour;
use Geodex\Core\Survey\Repeat\Repeat;
use Geodex\Core\Survey\Rival\Rival;
use Geodex\Core\Survey\SurveyOptions;

/** Everything a screen shows of a survey at one moment. */
final readonly class SurveyProps
{
    /**
     * @param  list<PointProps>  $points
     * @param  list<ReadingProps>  $readings  the newest first
     * @param  list<NextProps>  $next
     * @param  list<FindingProps>  $findings
     * @param  list<AxleProps>  $axles
     * @param  list<string>  $base  points that hold the datum
     * @param  list<RivalProps>  $rivals
     * @param  list<RepeatProps>  $repeats
     * @param  list<DoubtProps>  $doubts  points whose chart is in doubt
     * @param  list<PullProps>  $pulls
     * @param  list<string>  $blocked  readings that cannot be taken
     * @param  'chart'|'mirror'  $against  what the frame was held against
     * @param  list<string>  $present  others who have this survey open
     */
    public function __construct(
        public int $revision,
        public array $points,
        public array $readings,
        public array $next,
        public array $findings,
        public array $axles,
        public array $base,
        public ?NetworkProps $network,
        public ProgressProps $progress,
        public ?TroubleProps $trouble,
        public array $present,
        public array $rivals,
        public array $repeats,
        public array $doubts,
        public array $pulls,
        public ?FitProps $fit,
        public array $blocked,
        public ?TourProps $tour,
        public string $against,
    ) {}

    public static function from(Survey $survey, AssessSurvey $assess, User $user): self
    {
        $assessed = $assess->handle($survey);
        $result = $assessed->assessment?->survey;
        $points = array_map(fn ($point): PointProps => PointProps::from($point, $result?->point($point->id)), $assessed->frame->points);

        return new self(
            $survey->revision,
            $points,
            self::readings($survey, array_column($result->readings ?? [], null, 'id')),
            array_map(NextProps::from(...), $assessed->next),
            array_map(FindingProps::from(...), $assessed->assessment->findings ?? []),
            array_map(fn (Axle $axle): AxleProps => AxleProps::from($axle), $assessed->frame->axles),
            $result->base ?? [],
            $result === null ? null : NetworkProps::from($result->network),
            ProgressProps::of($points, $assessed->forecast),
            $assessed->trouble === null ? null : TroubleProps::from($assessed->trouble),
            Presence::others($survey, $user),
            ...self::judgement($assessed),
        );
    }

    /** @return array{rivals: list<RivalProps>, repeats: list<RepeatProps>, doubts: list<DoubtProps>, pulls: list<PullProps>, fit: ?FitProps, blocked: list<string>, tour: ?TourProps, against: 'chart'|'mirror'} */
    private static function judgement(AssessedSurvey $assessed): array
    {
        $coverage = (new SurveyOptions)->coverage;

        return [
            'rivals' => array_map(fn (Rival $rival): RivalProps => new RivalProps($rival->suspect, $rival->other, $rival->kind, $rival->points, NextProps::callOf($rival->kind, $rival->points), $rival->ifSuspectWrong, $rival->ifOtherWrong), $assessed->rivals),
            'repeats' => array_map(fn (Repeat $repeat): RepeatProps => new RepeatProps($repeat->kind, $repeat->readings, $repeat->mean, $coverage * $repeat->sigma, $repeat->spread, $repeat->agree), $assessed->repeats),
            'doubts' => array_map(fn (ChartDoubt $doubt): DoubtProps => new DoubtProps($doubt->point, $doubt->axis, $doubt->chart, $doubt->measured, $doubt->suggested, $doubt->text), $assessed->assessment->doubts ?? []),
            'pulls' => array_map(fn (PullStep $step): PullProps => new PullProps(
                $step->order, $step->pattern->value, $step->section->value, $step->points, $step->amount, $step->expanded, $step->direction, $step->text,
                array_map(fn (array $check): PullCheckProps => new PullCheckProps($check['kind'], $check['call'], $check['now'], $check['target']), $step->checks),
            ), $assessed->assessment->pulls ?? []),
            'fit' => $assessed->assessment === null ? null : new FitProps($assessed->assessment->fit->state, $assessed->assessment->fit->reasons),
            'blocked' => $assessed->blocked,
            'tour' => self::tour($assessed),
            'against' => ($assessed->assessment->mirrored ?? $assessed->frame->isUncharted()) ? 'mirror' : 'chart',
        ];
    }

    private static function tour(AssessedSurvey $assessed): ?TourProps
    {
        $at = $assessed->assessment?->survey->solved->chart ?? [];
        foreach ($assessed->frame->points as $point) {
            if (! isset($at[$point->id]) && $point->reference !== null) {
                $at[$point->id] = $point->reference;
            }
        }
        $readings = $assessed->forecast->readings ?? [];
        if ($readings === []) {
            return null;
        }
        [$order, $metres] = (new MeasuringTour)->order(array_slice($readings, 0, 40), $at);

        return new TourProps(array_map(NextProps::from(...), $order), $metres);
    }

    /**
     * @param  array<string, \Geodex\Core\Survey\ReadingResult>  $results  by reading id
     * @return list<ReadingProps>
     */
    private static function readings(Survey $survey, array $results): array
    {
        $codes = [];
        foreach ($survey->job->points as $point) {
            $codes[$point->id] = $point->code;
        }
        $readings = $survey->readings->map(fn (Reading $reading): ReadingProps => ReadingProps::from($reading, $results[$reading->client_id] ?? null, $codes));

        return array_values($readings->reverse()->all());
    }
}
