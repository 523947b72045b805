<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Actions\Survey\AssessedSurvey;
use App\Documents\LoggedReading;
use App\Documents\ReadingLog;
use App\Models\DatumDecision;
use App\Models\Survey;
use Geodex\Core\Findings\ChartDoubt;
use Geodex\Core\Findings\HeldPull;
use Geodex\Core\Findings\PullCheck;
use Geodex\Core\Findings\PullStep;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Point;
use Geodex\Core\Survey\Datum\DoubtfulBase;
use Geodex\Core\Survey\Explanation\Explanation;
use Geodex\Core\Survey\MeasuringTour;
use Geodex\Core\Survey\Progress;
use Geodex\Core\Survey\Repeat\Repeat;
use Geodex\Core\Survey\SurveyResult;

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
     * @param  list<ExplanationProps>  $explanations  the one that is told first, first; empty where nothing can be computed
     * @param  bool  $beyond  whether there are more than can be told
     * @param  list<DoubtfulBaseProps>  $doubtfulBase
     * @param  list<DatumDecisionProps>  $decisions  of base points, the newest first
     * @param  list<HeldProps>  $held  pulls that are not ordered yet
     * @param  list<RepeatProps>  $repeats
     * @param  list<DoubtProps>  $doubts  points whose chart is in doubt
     * @param  list<PullProps>  $pulls
     * @param  list<string>  $blocked  readings that cannot be taken
     * @param  'chart'|'mirror'|'plane'  $against  what the frame was held against
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
        public array $explanations,
        public bool $beyond,
        public array $doubtfulBase,
        public array $decisions,
        public array $held,
        public array $repeats,
        public array $doubts,
        public array $pulls,
        public ?FitProps $fit,
        public array $blocked,
        public ?TourProps $tour,
        public string $against,
    ) {}

    /** Without who has it open, which changes from one moment to the next. */
    public static function from(Survey $survey, AssessedSurvey $assessed): self
    {
        $result = $assessed->assessment?->survey;
        $codes = [];
        foreach ($survey->job->points as $point) {
            $codes[$point->id] = $point->code;
        }
        $points = array_map(fn ($point): PointProps => PointProps::from($point, $result?->point($point->id), self::datum($point, $result)), $assessed->frame->points);

        return new self(
            $survey->revision,
            $points,
            self::readings((new ReadingLog)->of($survey), $result),
            array_map(NextProps::from(...), $assessed->next),
            array_map(FindingProps::from(...), $assessed->assessment->findings ?? []),
            array_map(fn (Axle $axle): AxleProps => AxleProps::from($axle), $assessed->frame->axles),
            $result->base ?? [],
            $result === null ? null : NetworkProps::from($result->network),
            ProgressProps::from(Progress::of($assessed->frame, $result), $assessed->forecast),
            $assessed->trouble === null ? null : TroubleProps::kept($assessed->trouble),
            [],
            ...self::judgement($assessed, self::decisions($survey, $codes)),
        );
    }

    /** @param  list<string>  $present */
    public function among(array $present): self
    {
        return new self(...[...get_object_vars($this), 'present' => $present]);
    }

    /**
     * @param  list<DatumDecisionProps>  $decisions
     * @return array{explanations: list<ExplanationProps>, beyond: bool, doubtfulBase: list<DoubtfulBaseProps>, decisions: list<DatumDecisionProps>, held: list<HeldProps>, repeats: list<RepeatProps>, doubts: list<DoubtProps>, pulls: list<PullProps>, fit: ?FitProps, blocked: list<string>, tour: ?TourProps, against: 'chart'|'mirror'|'plane'}
     */
    private static function judgement(AssessedSurvey $assessed, array $decisions): array
    {
        $result = $assessed->assessment?->survey;

        return [
            'explanations' => array_map(ExplanationProps::from(...), $result->explanations ?? []),
            'beyond' => $result->beyond ?? false,
            'doubtfulBase' => array_map(fn (DoubtfulBase $one): DoubtfulBaseProps => new DoubtfulBaseProps($one->id, $one->off->toArray(), $one->text()), $result?->doubtfulBase() ?? []),
            'decisions' => $decisions,
            'held' => array_map(fn (HeldPull $one): HeldProps => new HeldProps($one->what, $one->until), $assessed->assessment->held ?? []),
            'repeats' => array_map(fn (Repeat $repeat): RepeatProps => new RepeatProps(
                kind: $repeat->kind,
                readings: $repeat->readings,
                mean: $repeat->mean,
                expanded: $repeat->expanded,
                spread: $repeat->spread,
                agree: $repeat->agree,
            ), $assessed->repeats),
            'doubts' => array_map(fn (ChartDoubt $doubt): DoubtProps => new DoubtProps(
                kind: $doubt->kind->value,
                point: $doubt->point,
                other: $doubt->other,
                axis: $doubt->axis,
                chart: $doubt->chart,
                measured: $doubt->measured,
                suggested: $doubt->suggested,
                text: $doubt->text,
            ), $assessed->doubts),
            'pulls' => array_map(fn (PullStep $step): PullProps => new PullProps(
                order: $step->order, pattern: $step->pattern->value, section: $step->section->value, points: $step->points, amount: $step->amount, expanded: $step->expanded, direction: $step->direction, text: $step->text,
                checks: array_map(fn (PullCheck $check): PullCheckProps => new PullCheckProps($check->kind, $check->call, $check->now, $check->target), $step->checks),
            ), $assessed->assessment->pulls ?? []),
            'fit' => $assessed->assessment === null ? null : new FitProps($assessed->assessment->fit->state->value, $assessed->assessment->fit->reasons),
            'blocked' => $assessed->blocked,
            'tour' => self::tour($assessed),
            'against' => $assessed->assessment === null ? ($assessed->frame->isUncharted() ? 'mirror' : 'chart') : $assessed->assessment->against->value,
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
     * @param  list<LoggedReading>  $log
     * @return list<ReadingProps>
     */
    private static function readings(array $log, ?SurveyResult $result): array
    {
        $results = array_column($result->readings ?? [], null, 'id');
        $named = array_count_values(array_merge([], ...array_map(fn (Explanation $one): array => $one->suspects(), $result->explanations ?? [])));
        $all = count($result->explanations ?? []);

        return array_reverse(array_map(fn (LoggedReading $reading): ReadingProps => ReadingProps::from($reading, $results[$reading->id] ?? null, isset($named[$reading->id]) ? $named[$reading->id] === $all : null), $log));
    }

    /** @return 'carries'|'doubtful'|'left-out'|'no' */
    private static function datum(Point $point, ?SurveyResult $result): string
    {
        $doubtful = array_map(fn (DoubtfulBase $one): string => $one->id, $result?->doubtfulBase() ?? []);

        return match (true) {
            in_array($point->id, $doubtful, true) => 'doubtful',
            in_array($point->id, $result->base ?? [], true) => 'carries',
            $point->base && $result !== null => 'left-out',
            default => 'no',
        };
    }

    /**
     * @param  array<int, string>  $codes
     * @return list<DatumDecisionProps> the newest first
     */
    private static function decisions(Survey $survey, array $codes): array
    {
        $decisions = $survey->datumDecisions()->with('user')->get()->map(fn (DatumDecision $decision): DatumDecisionProps => DatumDecisionProps::from($decision, $codes));

        return array_values($decisions->reverse()->all());
    }
}
