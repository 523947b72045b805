<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

/** When in the work a survey was taken, or of which vehicle. */
enum SurveyStage: string
{
    case Before = 'before';
    case Tack = 'tack';
    case After = 'after';
    case Sister = 'sister';
}
