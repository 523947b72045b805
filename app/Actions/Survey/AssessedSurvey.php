<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Findings\Assessment;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\NextReading;

/** A survey with what core made of it. */
final readonly class AssessedSurvey
{
    /** @param  list<NextReading>  $next */
    public function __construct(public Frame $frame, public ?Assessment $assessment, public ?CoreFailure $trouble, public array $next) {}
}
