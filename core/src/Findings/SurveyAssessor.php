<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\UnknownPoint;
use Geodex\Core\Reference\SymmetrySurveyComputer;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\NextReadingAdviser;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;

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
        $doubts = $mirrored ? [] : (new ChartDoubtFinder($this->options))->find($frame, $result);

        return new Assessment(
            $frame,
            $mirrored,
            $result,
            $findings,
            (new NextReadingAdviser($this->options))->advise($frame, $survey, $result),
            $doubts,
            // Which of two unlike rails moved is for a chart or a sister to say, so that none is pulled on symmetry alone.
            (new PullPlanner($this->options))->plan($frame, $result, $mirrored ? array_values(array_filter($findings, fn (Finding $finding): bool => $finding->pattern !== Pattern::ShortRail)) : $findings),
            (new FitJudge($this->options))->judge($frame, $mirrored, $result, $findings, $doubts),
        );
    }
}
