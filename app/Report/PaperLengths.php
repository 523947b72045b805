<?php

declare(strict_types=1);

namespace App\Report;

use App\Models\Job;
use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthFormatter;
use Geodex\Core\Units\LengthUnit;

/** Lengths as the papers of a job show them: in its unit, to the shop's fraction of an inch. */
final readonly class PaperLengths
{
    /** @return \Closure(?float): string */
    public static function of(Job $job): \Closure
    {
        $formatter = new LengthFormatter($job->workshop->inch_denominator);

        return fn (?float $mm): string => $mm === null ? '–' : str_replace('-', '−', $formatter->show(Length::ofMillimetres($mm), LengthUnit::from($job->units)));
    }
}
