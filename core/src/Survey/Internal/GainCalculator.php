<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\ReadingStatus;
use Geodex\Core\Survey\ReasonToRead;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Survey\Verdict;

/**
 * A reading a of uncertainty σ takes ΣaᵀaΣ / (σ² + aQaᵀ) off the covariance (sequential least squares, Mikhail & Ackermann,
 * chapter 14). A reading that sees a direction the network leaves free can be met by moving along it, and tells nothing else.
 */
final class GainCalculator
{
    /** A reading that brings less than this share is not worth the walk. */
    private const LEAST_GAIN = 0.002;

    /** @var array<int, array{float, float}> deviation and tolerance (mm) of each undecided coordinate that is held, by column */
    private array $undecided = [];

    private float $variance = 0.0;

    /** @var list<array<int, float>> weighted rows of the readings that nothing checks */
    private array $unchecked = [];

    /** @var ?array<int, array<int, float>> */
    private ?array $withMotions = null;

    private bool $hasLoose;

    public function __construct(Frame $frame, private readonly SurveyResult $result, private readonly SurveyOptions $options)
    {
        foreach ($result->points as $point) {
            foreach ($point->axes as $axis => $verdict) {
                if ($verdict === Verdict::Unsure && ($point->determined[$axis] ?? false) && $point->deviation !== null) {
                    $column = $result->covariance->columns[$point->id] + $axis;
                    $this->undecided[$column] = [$point->deviation->toArray()[$axis], $frame->point($point->id)->tolerance->mm[$axis]];
                    $this->variance += $result->covariance->matrix[$column][$column];
                }
            }
        }
        $this->hasLoose = $result->covariance->loose !== [];
        $rows = [];
        foreach ($result->solved->network->readings as $i => $reading) {
            $rows[$reading->id] = $result->solved->rows[$i];
        }
        foreach ($result->readings as $reading) {
            if ($reading->status === ReadingStatus::Used && ! $reading->checked) {
                $this->unchecked[] = $rows[$reading->id];
            }
        }
    }

    public function isSettled(): bool
    {
        return $this->undecided === [] && $this->unchecked === [] && ! $this->hasLoose;
    }

    public function rate(ReadingKind $kind): ?Rating
    {
        $solved = $this->result->solved;
        $design = $kind->linearise($solved->bench);
        $row = [];
        $k = 0;
        $partials = $solved->datum->turned($design->partials);
        foreach ($kind->points() as $id) {
            $column = $solved->network->columns[$id];
            $row[$column] = $partials[$k++];
            $row[$column + 1] = $partials[$k++];
            $row[$column + 2] = $partials[$k++];
        }
        $loose = $this->most($row, $this->result->covariance->loose);
        if ($loose > DatumChooser::FIRM) {
            return new Rating(Rating::LOOSE, $loose, $design->predicted, $row);
        }
        if ($this->most($row, $solved->free) > DatumChooser::FIRM) {
            return null;
        }
        $uncertain = $kind::usualSigma() ** 2 + $solved->leverage($row);
        $gain = $this->undecided === [] ? 0.0 : $this->decided($row, $uncertain) / $this->variance;
        if ($gain > self::LEAST_GAIN) {
            return new Rating(Rating::DECIDES, $gain, $design->predicted, $row);
        }
        $gain = $this->checked($row, $uncertain);

        return $gain > self::LEAST_GAIN ? new Rating(Rating::CHECKS, $gain, $design->predicted, $row) : null;
    }

    public function describe(ReadingKind $kind, Rating $rating): NextReading
    {
        $settles = 0;
        if ($rating->rank === Rating::DECIDES) {
            $uncertain = $kind::usualSigma() ** 2 + $this->result->solved->leverage($rating->row);
            foreach ($this->effects($rating->row) as $column => $effect) {
                [$deviation, $tolerance] = $this->undecided[$column];
                $left = max(0.0, $this->result->covariance->matrix[$column][$column] - $effect * $effect / $uncertain);
                $settles += Verdict::of($deviation, $this->options->coverage * sqrt($left), $tolerance) === Verdict::Unsure ? 0 : 1;
            }
        }
        $because = match ($rating->rank) {
            Rating::LOOSE => ReasonToRead::Loose,
            Rating::DECIDES => ReasonToRead::Undecided,
            default => ReasonToRead::Unchecked,
        };

        return new NextReading($kind::name(), $kind->points(), $rating->expected, min(1.0, $rating->rank === Rating::LOOSE ? 1.0 : $rating->gain), $settles, $because);
    }

    /** @param  array<int, float>  $row */
    private function decided(array $row, float $uncertain): float
    {
        $sum = 0.0;
        foreach ($this->effects($row) as $effect) {
            $sum += $effect * $effect;
        }

        return $sum / $uncertain;
    }

    /**
     * S Q aᵀ on the undecided coordinates: Σ aᵀ for a reading blind to the bench, and its share of the motions otherwise.
     *
     * @param  array<int, float>  $row
     * @return array<int, float> by column
     */
    private function effects(array $row): array
    {
        $matrix = $this->result->covariance->matrix;
        $effects = [];
        $columns = array_keys($row);
        if (count($columns) === 6) {
            [$i, $j, $k, $l, $m, $n] = $columns;
            [$a, $b, $c, $d, $e, $f] = array_values($row);
            foreach ($this->undecided as $column => $_) {
                $r = $matrix[$column];
                $effects[$column] = $a * $r[$i] + $b * $r[$j] + $c * $r[$k] + $d * $r[$l] + $e * $r[$m] + $f * $r[$n];
            }
        } else {
            foreach ($this->undecided as $column => $_) {
                $effects[$column] = 0.0;
                foreach ($row as $i => $p) {
                    $effects[$column] += $p * $matrix[$column][$i];
                }
            }
        }
        $seen = $this->result->covariance->motions->seenBy($row);
        if (max(array_map(abs(...), [0.0, ...$seen])) > DatumChooser::FIRM) {
            $this->withMotions ??= $this->result->covariance->motions->withMotions($this->result->solved->cofactors);
            foreach ($effects as $column => $effect) {
                foreach ($this->withMotions[$column] as $c => $motion) {
                    $effect += $motion * $seen[$c];
                }
                $effects[$column] = $effect;
            }
        }

        return $effects;
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
    private function most(array $row, array $directions): float
    {
        $most = 0.0;
        foreach ($directions as $direction) {
            $along = 0.0;
            foreach ($row as $i => $p) {
                $along += $p * $direction[$i];
            }
            $most = max($most, abs($along));
        }

        return $most;
    }
}
