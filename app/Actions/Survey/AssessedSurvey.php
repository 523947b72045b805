<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use Geodex\Core\Findings\Assessment;
use Geodex\Core\Findings\ChartDoubt;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\Forecast;
use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\Repeat\Repeat;

/** A survey with what core made of it. */
final readonly class AssessedSurvey
{
    /**
     * @param  list<NextReading>  $next
     * @param  list<ChartDoubt>  $doubts  told also where nothing can be computed
     * @param  list<Repeat>  $repeats
     * @param  list<string>  $blocked
     */
    public function __construct(
        public Frame $frame,
        public ?Assessment $assessment,
        public ?Trouble $trouble,
        public array $next,
        public ?Forecast $forecast,
        public array $doubts,
        public array $repeats,
        public array $blocked,
    ) {}
}
