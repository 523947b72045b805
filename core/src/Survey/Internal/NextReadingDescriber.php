<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\ReasonToRead;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Survey\Verdict;

/** A rated candidate as whoever is to read it is told: what it should come to, how many coordinates it settles, and why it is suggested. */
final readonly class NextReadingDescriber
{
    public function __construct(private SurveyResult $result, private SurveyOptions $options, private Effects $effects) {}

    public function describe(ReadingKind $kind, Rating $rating): NextReading
    {
        $settles = 0;
        if ($rating->rank === Rating::DECIDES) {
            $uncertain = $kind::usualSigma() ** 2 + $this->result->solved->leverage($rating->row);
            $effects = $this->effects->of($rating->row);
            foreach (array_keys($this->effects->undecided) as $u => $column) {
                $effect = $effects[$u];
                [$deviation, $tolerance] = $this->effects->undecided[$column];
                $left = max(0.0, $this->result->covariance->variance($column) - $effect * $effect / $uncertain);
                $settles += Verdict::of($deviation, $this->options->coverage * sqrt($left), $tolerance) === Verdict::Unsure ? 0 : 1;
            }
        }
        $because = match ($rating->rank) {
            Rating::LOOSE => ReasonToRead::Loose,
            Rating::DECIDES => ReasonToRead::Undecided,
            default => ReasonToRead::Unchecked,
        };

        return new NextReading(
            kind: $kind::name(),
            points: $kind->points(),
            expected: $rating->expected,
            gain: min(1.0, $rating->rank === Rating::LOOSE ? 1.0 : $rating->gain),
            settles: $settles,
            because: $because,
        );
    }
}
