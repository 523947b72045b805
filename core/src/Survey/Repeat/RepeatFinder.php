<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Repeat;

use Geodex\Core\Survey\Internal\ChiSquareTest;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyOptions;

/**
 * Pools readings of the same thing and tests them against each other (Ghilani, Adjustment Computations, chapter 10). The
 * adjustment weighs each by itself, which comes to the same as using the weighted mean.
 */
final readonly class RepeatFinder
{
    /** One in a hundred good pairs is called unequal. */
    private const LEVEL = 0.99;

    public function __construct(private SurveyOptions $options = new SurveyOptions) {}

    /** @return list<Repeat> */
    public function find(Survey $survey): array
    {
        $groups = [];
        foreach ($survey->readingsInUse() as $reading) {
            $groups[$reading->kind->repeatKey()][] = $reading;
        }
        $repeats = [];
        foreach ($groups as $group) {
            if (count($group) > 1) {
                $repeats[] = $this->pool($group);
            }
        }

        return $repeats;
    }

    /** @param  non-empty-list<Reading>  $group */
    private function pool(array $group): Repeat
    {
        $weight = $sum = 0.0;
        foreach ($group as $reading) {
            $weight += $reading->sigma ** -2;
            $sum += $reading->value * $reading->sigma ** -2;
        }
        $mean = $sum / $weight;
        $misfit = array_sum(array_map(fn (Reading $reading): float => (($reading->value - $mean) / $reading->sigma) ** 2, $group));
        $values = array_map(fn (Reading $reading): float => $reading->value, $group);

        return new Repeat(
            kind: $group[0]->kind::name(),
            readings: array_map(fn (Reading $reading): string => $reading->id, $group),
            mean: $mean,
            sigma: sqrt(1 / $weight),
            expanded: $this->options->coverage * sqrt(1 / $weight),
            spread: max($values) - min($values),
            agree: ChiSquareTest::passes($misfit, count($group) - 1, self::LEVEL),
        );
    }
}
