<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\UnknownPoint;
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
        $result = (new SurveyComputer($this->options))->compute($frame, $survey);

        return new Assessment(
            $result,
            (new FindingsReader($this->options))->read($frame, $result),
            (new NextReadingAdviser($this->options))->advise($frame, $survey, $result),
        );
    }
}
