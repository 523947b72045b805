<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\Reading\DesignRow;
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

    /** A partial this small is none. */
    private const NO_PART = 1e-12;

    /** @var array<int, array{float, float}> deviation and tolerance (mm) of each undecided coordinate that is held, by column */
    private array $undecided = [];

    /** @var list<array<int, float>> their rows of the covariance */
    private array $undecidedRows = [];

    private float $variance = 0.0;

    /** @var list<array<int, float>> weighted rows of the readings that nothing checks */
    private array $unchecked = [];

    /** @var ?array<int, array<int, float>> */
    private ?array $withMotions = null;

    /** @var array<string, array<int, list<float>>> effects of reading one coordinate, by point and axis */
    private array $coordinates = [];

    /** @var list<float> the best gains so far */
    private array $best = [];

    private bool $hasLoose;

    /** @param  bool  $onlyChecks  leave what is undecided alone, and rate only what checks a reading */
    public function __construct(Frame $frame, private readonly SurveyResult $result, private readonly SurveyOptions $options, bool $onlyChecks = false)
    {
        foreach ($onlyChecks ? [] : $result->points as $point) {
            foreach ($point->axes as $axis => $verdict) {
                if ($verdict === Verdict::Unsure && ($point->determined[$axis] ?? false) && $point->deviation !== null) {
                    $column = $result->covariance->columns[$point->id] + $axis;
                    $this->undecided[$column] = [$point->deviation->toArray()[$axis], $frame->point($point->id)->tolerance->mm[$axis]];
                    $this->undecidedRows[] = ($result->covariance->cross ?? $result->covariance->matrix)[$column];
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

    /** What a candidate would be worth, null if nothing or surely less than the best so far. */
    public function rate(ReadingKind $kind): ?Rating
    {
        $solved = $this->result->solved;
        // What is blind to where the bench is can be laid in the axes of the chart at once.
        $blind = ! $kind::seesBench();
        $design = $kind->linearise($blind ? $solved->chart : $solved->bench);
        $row = $solved->network->unweighted($kind->points(), $blind ? $design->partials : $solved->datum->turned($design->partials));
        $loose = $this->most($row, $this->result->covariance->loose);
        if ($loose > DatumChooser::FIRM) {
            return new Rating(Rating::LOOSE, $loose, $design->predicted, $row);
        }
        if (! $blind && $this->most($row, $solved->free) > DatumChooser::FIRM) {
            return null;
        }
        $predicted = $solved->leverage($row);
        $uncertain = $kind::usualSigma() ** 2 + $predicted;
        if ($this->undecided !== [] && $predicted / $uncertain > $this->leastOfBest()) {
            $gain = $this->decided($kind, $row, $design) / $uncertain / $this->variance;
            if ($gain > self::LEAST_GAIN) {
                $this->keep($gain);

                return new Rating(Rating::DECIDES, $gain, $design->predicted, $row);
            }
        }
        $gain = $this->best === [] ? $this->checked($row, $uncertain) : 0.0;

        return $gain > self::LEAST_GAIN ? new Rating(Rating::CHECKS, $gain, $design->predicted, $row) : null;
    }

    /**
     * The gain is at most aQaᵀ / (σ² + aQaᵀ), by Cauchy and Schwarz; a candidate below the best known is not looked at closer.
     */
    private function leastOfBest(): float
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

    public function describe(ReadingKind $kind, Rating $rating): NextReading
    {
        $settles = 0;
        if ($rating->rank === Rating::DECIDES) {
            $uncertain = $kind::usualSigma() ** 2 + $this->result->solved->leverage($rating->row);
            $this->withMotions ??= $this->motionsOfBase();
            $effects = $this->effects($rating->row, $this->result->covariance->motions->seenBy($rating->row));
            foreach (array_keys($this->undecided) as $u => $column) {
                $effect = $effects[$u];
                [$deviation, $tolerance] = $this->undecided[$column];
                $left = max(0.0, $this->result->covariance->variance($column) - $effect * $effect / $uncertain);
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

    /**
     * Sum of the squared effects on the undecided coordinates.
     *
     * @param  array<int, float>  $row  in chart axes
     */
    private function decided(ReadingKind $kind, array $row, DesignRow $design): float
    {
        $sum = 0.0;
        if ($kind::seesBench()) {
            foreach ($this->benchEffects($kind, $design) as $effect) {
                $sum += $effect * $effect;
            }

            return $sum;
        }
        foreach ($this->undecidedRows as $r) {
            $effect = 0.0;
            foreach ($row as $column => $partial) {
                $effect += $partial * $r[$column];
            }
            $sum += $effect * $effect;
        }

        return $sum;
    }

    /**
     * S Q aᵀ on the undecided coordinates of a reading that sees the bench: a sum over the few coordinates that it reads.
     *
     * @return list<float>
     */
    private function benchEffects(ReadingKind $kind, DesignRow $design): array
    {
        $effects = array_fill(0, count($this->undecidedRows), 0.0);
        foreach ($kind->points() as $p => $id) {
            for ($axis = 0; $axis < 3; $axis++) {
                $partial = $design->partials[3 * $p + $axis];
                if (abs($partial) < self::NO_PART) {
                    continue;
                }
                foreach ($this->coordinateEffects($id, $axis) as $u => $effect) {
                    $effects[$u] += $partial * $effect;
                }
            }
        }

        return array_values($effects);
    }

    /**
     * S Q aᵀ of reading one coordinate of a point on the bench; kept, since heights, offsets and rises share them.
     *
     * @return list<float> on each undecided coordinate
     */
    private function coordinateEffects(string $id, int $axis): array
    {
        if (isset($this->coordinates[$id][$axis])) {
            return $this->coordinates[$id][$axis];
        }
        $solved = $this->result->solved;
        $unit = [0.0, 0.0, 0.0];
        $unit[$axis] = 1.0;
        $row = $solved->network->unweighted([$id], $solved->datum->turned($unit));
        $this->withMotions ??= $this->motionsOfBase();

        return $this->coordinates[$id][$axis] = $this->effects($row, $this->result->covariance->motions->seenBy($row));
    }

    /**
     * @param  array<int, float>  $row
     * @param  array<int, float>  $seen  how the row sees the six motions of the base points
     * @return list<float>
     */
    private function effects(array $row, array $seen): array
    {
        $effects = [];
        foreach (array_keys($this->undecided) as $u => $column) {
            $effect = 0.0;
            foreach ($row as $i => $p) {
                $effect += $p * $this->undecidedRows[$u][$i];
            }
            foreach ($this->withMotions[$column] ?? [] as $c => $motion) {
                $effect += $motion * $seen[$c];
            }
            $effects[] = $effect;
        }

        return $effects;
    }

    /** @return array<int, array<int, float>> none where deviations do not rest on base points */
    private function motionsOfBase(): array
    {
        return $this->result->covariance->cross === null ? $this->result->covariance->motions->withMotions($this->result->solved->cofactors) : [];
    }

    /** @return list<array<int, float>> weighted rows of the readings that nothing checks */
    public function uncheckedRows(): array
    {
        return $this->unchecked;
    }

    /** @return list<int> columns of the coordinates that are undecided and held */
    public function undecidedColumns(): array
    {
        return array_keys($this->undecided);
    }

    /**
     * Σaᵀ on each undecided coordinate.
     *
     * @param  array<int, float>  $row  design row in chart axes, not weighted
     * @return list<float>
     */
    public function effectsOf(array $row): array
    {
        $this->withMotions ??= $this->motionsOfBase();

        return $this->effects($row, $this->result->covariance->motions->seenBy($row));
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
