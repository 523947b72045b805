<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\SurveyResult;

/** A survey computed, read, and what to measure next. */
final readonly class Assessment
{
    /**
     * @param  Frame  $frame  with the reference that was used
     * @param  list<Finding>  $findings
     * @param  list<NextReading>  $next
     * @param  list<ChartDoubt>  $doubts
     * @param  list<PullStep>  $pulls
     * @param  list<HeldPull>  $held  pulls that are not ordered yet
     */
    public function __construct(public Frame $frame, public Held $against, public SurveyResult $survey, public array $findings, public array $next, public array $doubts, public array $pulls, public array $held, public FitVerdict $fit) {}
}
