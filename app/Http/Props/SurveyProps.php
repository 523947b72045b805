<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Actions\Survey\AssessSurvey;
use App\Models\Presence;
use App\Models\Reading;
use App\Models\Survey;
use App\Models\User;
use Geodex\Core\Frame\Axle;

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
            ProgressProps::of($points),
            $assessed->trouble === null ? null : TroubleProps::from($assessed->trouble),
            Presence::others($survey, $user),
        );
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
