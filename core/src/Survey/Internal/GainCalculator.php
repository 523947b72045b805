<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Frame\Frame;
use Geodex\Core\LinearAlgebra\SparseRow;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\ReadingResult;
use Geodex\Core\Survey\ReadingStatus;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;

/**
 * A reading a of uncertainty σ takes ΣaᵀaΣ / (σ² + aQaᵀ) off the covariance (sequential least squares, Mikhail & Ackermann,
 * chapter 14). A reading that sees a direction the network leaves free can be met by moving along it, and tells nothing else.
 */
final class GainCalculator
{
    /** A reading that brings less than this share is not worth the walk. */
    private const MIN_GAIN = 0.002;

    /** @var list<array<int, float>> weighted rows of the readings that nothing checks */
    public readonly array $unchecked;

    public readonly Effects $effects;

    /** @var list<float> the best gains so far */
    private array $best = [];

    private bool $hasLoose;

    /** @param  bool  $onlyChecks  leave what is undecided alone, and rate only what checks a reading */
    public function __construct(Frame $frame, private readonly SurveyResult $result, private readonly SurveyOptions $options, bool $onlyChecks = false)
    {
        $this->effects = new Effects($frame, $result, $onlyChecks);
        $this->hasLoose = $result->covariance->loose !== [];
        $rows = [];
        foreach ($result->solved->network->readings as $i => $reading) {
            $rows[$reading->id] = $result->solved->rows[$i];
        }
        $unchecked = array_filter($result->readings, fn (ReadingResult $reading): bool => $reading->status === ReadingStatus::Used && ! $reading->checked);
        $this->unchecked = array_values(array_map(fn (ReadingResult $reading): array => $rows[$reading->id], $unchecked));
    }

    public function isSettled(): bool
    {
        return $this->effects->undecided === [] && $this->unchecked === [] && ! $this->hasLoose;
    }

    /** What a candidate would be worth, null if nothing or surely less than the best so far. */
    public function rate(ReadingKind $kind): ?Rating
    {
        $solved = $this->result->solved;
        // What is blind to where the bench is can be laid in the axes of the chart at once.
        $blind = ! $kind::seesBench();
        $design = $kind->linearise($blind ? $solved->chart : $solved->bench);
        $row = $solved->network->unweighted($kind->points(), $blind ? $design->partials : $solved->datum->turned($design->partials));
        $loose = $this->furthest($row, $this->result->covariance->loose);
        if ($loose > DatumChooser::FIRM) {
            return new Rating(Rating::LOOSE, $loose, $design->predicted, $row);
        }
        if (! $blind && $this->furthest($row, $solved->free) > DatumChooser::FIRM) {
            return null;
        }
        $predicted = $solved->leverage($row);
        $uncertain = $kind::usualSigma() ** 2 + $predicted;
        if ($this->effects->undecided !== [] && $predicted / $uncertain > $this->worstOfBest()) {
            $gain = $this->effects->squared($kind, $row, $design) / $uncertain / $this->effects->variance;
            if ($gain > self::MIN_GAIN) {
                $this->keep($gain);

                return new Rating(Rating::DECIDES, $gain, $design->predicted, $row);
            }
        }
        $gain = $this->best === [] ? $this->checked($row, $uncertain) : 0.0;

        return $gain > self::MIN_GAIN ? new Rating(Rating::CHECKS, $gain, $design->predicted, $row) : null;
    }

    /**
     * The gain is at most aQaᵀ / (σ² + aQaᵀ), by Cauchy and Schwarz; a candidate below the best known is not looked at closer.
     */
    private function worstOfBest(): float
    {
        return count($this->best) < $this->options->suggestions ? 0.0 : min([1.0, ...$this->best]);
    }

    private function keep(float $gain): void
    {
        $this->best[] = $gain;
        if (count($this->best) > $this->options->suggestions) {
            rsort($this->best);
            array_pop($this->best);
        }
    }

    /** @param  array<int, float>  $row */
    private function checked(array $row, float $uncertain): float
    {
        $sum = 0.0;
        foreach ($this->unchecked as $unchecked) {
            $along = 0.0;
            foreach ($unchecked as $i => $p) {
                foreach ($row as $j => $q) {
                    $along += $p * $q * $this->result->solved->cofactors[$i][$j];
                }
            }
            $sum += $along * $along / $uncertain;
        }

        return $this->unchecked === [] ? 0.0 : $sum / count($this->unchecked);
    }

    /**
     * @param  array<int, float>  $row
     * @param  array<int, array<int, float>>  $directions
     */
    private function furthest(array $row, array $directions): float
    {
        $max = 0.0;
        foreach ($directions as $direction) {
            $along = SparseRow::dot($row, $direction);
            $max = max($max, abs($along));
        }

        return $max;
    }
}
