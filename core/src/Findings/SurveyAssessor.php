<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\UnknownPoint;
use Geodex\Core\Reference\SymmetrySurveyComputer;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\NextReadingAdviser;
use Geodex\Core\Survey\ReasonToRead;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Words\Sentence;

/** The whole way from readings to judgement. */
final readonly class SurveyAssessor
{
    public function __construct(private SurveyOptions $options = new SurveyOptions) {}

    /**
     * @throws CannotComputeSurvey
     * @throws UnknownPoint
     */
    public function assess(Frame $frame, Survey $survey): Assessment
    {
        if ((new PlaneFigure($this->options))->is($frame, $survey)) {
            return (new PlaneFigure($this->options))->assess($frame, $survey);
        }
        $mirrored = $frame->isUncharted();
        if ($mirrored) {
            $image = (new SymmetrySurveyComputer($this->options))->compute($frame, $survey);
            [$frame, $result] = [$image->frame, $image->result];
        } else {
            $result = (new SurveyComputer($this->options))->compute($frame, $survey);
        }

        $findings = (new FindingsReader($this->options))->read($frame, $result);
        if ($mirrored) {
            // The right rail is as long as the left is short; one sentence says both.
            $findings = array_values(array_filter($findings, fn (Finding $finding): bool => $finding->side !== 'right'));
            $findings = array_map((new MirroredSentence($this->options))->say(...), $findings);
        }
        $doubts = $mirrored ? [] : $this->doubts($frame, $survey, $result);
        $next = (new NextReadingAdviser($this->options))->advise($frame, $survey, $result);
        // Which of two unlike rails moved is for a chart or a sister to say, so that none is pulled on symmetry alone.
        $pullable = $mirrored ? array_values(array_filter($findings, fn (Finding $finding): bool => $finding->pattern !== Pattern::ShortRail)) : $findings;
        $plan = (new PullPlanner($this->options))->plan($frame, $result, $pullable, $doubts, $this->first($next));

        return new Assessment(
            frame: $frame,
            against: $mirrored ? Held::Mirror : Held::Chart,
            survey: $result,
            findings: $findings,
            next: $next,
            doubts: $doubts,
            pulls: $plan->steps,
            held: $plan->held,
            fit: (new FitJudge($this->options))->judge($frame, $mirrored, $result, $findings, $doubts),
        );
    }

    /**
     * What is strong evidence against the chart is said first; a figure is asked about only where no such slip explains the point.
     *
     * @return list<ChartDoubt>
     */
    private function doubts(Frame $frame, Survey $survey, SurveyResult $result): array
    {
        $slips = (new ChartSlipFinder)->find($frame, $survey);
        $slipped = array_merge([], ...array_map(fn (ChartDoubt $doubt): array => $doubt->points(), $slips));
        $figures = array_filter((new ChartDoubtFinder($this->options))->find($frame, $result), fn (ChartDoubt $doubt): bool => ! in_array($doubt->point, $slipped, true));

        return [...$slips, ...array_values($figures)];
    }

    /**
     * The reading that has to be taken before anything is pulled.
     *
     * @param  list<NextReading>  $next
     */
    private function first(array $next): ?Sentence
    {
        $first = $next[0] ?? null;

        return $first !== null && $first->because === ReasonToRead::Deciding ? Sentence::of('held.reading', '{kind} {points} is read, which tells the explanations apart', kind: $first->kind, points: implode(' – ', $first->points)) : null;
    }
}
