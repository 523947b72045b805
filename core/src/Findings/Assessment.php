<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\SurveyResult;

/** A survey computed, read, and what to measure next. */
final readonly class Assessment
{
    /**
     * @param  list<Finding>  $findings
     * @param  list<NextReading>  $next
     */
    public function __construct(public SurveyResult $survey, public array $findings, public array $next) {}
}
