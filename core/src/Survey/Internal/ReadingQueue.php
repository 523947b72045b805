<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Frame\Frame;
use Geodex\Core\LinearAlgebra\SparseRow;
use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\ReasonToRead;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Survey\Verdict;

/** Lines candidate readings up, each worth most after those before it. */
final readonly class ReadingQueue
{
    /** A reading that takes less than this share off what is still undecided is not worth the walk. */
    private const MIN_GAIN = 0.01;

    public function __construct(
        private GainCalculator $gains,
        private Frame $frame,
        private SurveyResult $result,
        private SurveyOptions $options,
    ) {}

    /**
     * @param  list<NextReading>  $candidates
     * @return array{list<NextReading>, int, bool} the readings up to the last that decides something, how many coordinates none decides, whether the end was reached
     */
    public function line(array $candidates, int $max): array
    {
        // What holds a loose point comes first; what it does to the rest shows only once it is read.
        $first = array_values(array_filter($candidates, fn (NextReading $next): bool => in_array($next->because, [ReasonToRead::Loose, ReasonToRead::Unchecked], true)));
        if ($first !== []) {
            $loose = count($this->result->covariance->loose);

            return [array_slice($first, 0, max(1, $loose)), 0, true];
        }
        $columns = array_keys($this->gains->effects->undecided);
        $variance = array_map($this->result->covariance->variance(...), $columns);
        [$effects, $between, $noise] = $this->matrices($candidates);
        $open = array_keys($columns);
        $taken = [];
        $needed = 0;
        while ($open !== [] && count($taken) < min($max, count($candidates))) {
            $best = $this->best(effects: $effects, between: $between, noise: $noise, open: $open, taken: $taken, variance: $variance);
            if ($best === null) {
                break;
            }
            $taken[] = $best;
            $uncertain = $noise[$best] + $between[$best][$best];
            foreach ($open as $u) {
                $variance[$u] = max(0.0, $variance[$u] - $effects[$best][$u] ** 2 / $uncertain);
            }
            $own = $between[$best];
            $ownEffects = $effects[$best];
            foreach ($effects as $k => $row) {
                $share = $own[$k] / $uncertain;
                foreach ($open as $u) {
                    $effects[$k][$u] = $row[$u] - $share * $ownEffects[$u];
                }
                foreach ($own as $l => $value) {
                    $between[$k][$l] -= $share * $value;
                }
            }
            $still = array_values(array_filter($open, fn (int $u): bool => $this->isOpen($columns[$u], $variance[$u])));
            $needed = count($still) < count($open) ? count($taken) : $needed;
            $open = $still;
        }

        return [array_map(fn (int $k): NextReading => $candidates[$k], array_slice($taken, 0, $needed)), count($open), $open === [] || count($taken) < $max];
    }

    /**
     * The readings that bring every unchecked one to where a mistake in it would show. A reading a adds (a Q aᵤᵀ)² / (σ² + a Q aᵀ)
     * to the redundancy of another.
     *
     * @param  list<NextReading>  $candidates
     * @param  list<NextReading>  $taken  that come before, and check some already
     * @return list<NextReading>
     */
    public function checks(array $candidates, array $taken, float $min): array
    {
        $unchecked = $this->gains->unchecked;
        $redundancy = array_map(fn (array $row): float => 1 - $this->result->solved->leverage($row), $unchecked);
        [$rows, $spreads, $noise] = $this->spreads([...$taken, ...$candidates]);
        $effects = array_map(fn (array $spread): array => array_map(fn (array $row): float => $this->along($row, $spread), $unchecked), $spreads);
        $between = array_map(fn (array $spread): array => array_map(fn (array $row): float => $this->along($row, $spread), $rows), $spreads);
        $order = array_keys($taken);
        $chosen = [];
        while (min([1.0, ...$redundancy]) <= $min && count($chosen) < count($candidates)) {
            $k = array_shift($order) ?? $this->bestCheck(effects: $effects, between: $between, noise: $noise, redundancy: $redundancy, taken: [...array_keys($taken), ...$chosen], min: $min);
            if ($k === null) {
                break;
            }
            if ($k >= count($taken)) {
                $chosen[] = $k;
            }
            $uncertain = $noise[$k] + $between[$k][$k];
            [$own, $ownEffects] = [$between[$k], $effects[$k]];
            foreach ($redundancy as $u => $r) {
                $redundancy[$u] = $r + $ownEffects[$u] ** 2 / $uncertain;
            }
            foreach ($effects as $l => $row) {
                $share = $own[$l] / $uncertain;
                $effects[$l] = array_map(fn (float $a, float $b): float => $a - $share * $b, $row, $ownEffects);
                $between[$l] = array_map(fn (float $a, float $b): float => $a - $share * $b, $between[$l], $own);
            }
        }

        return array_map(fn (int $k): NextReading => $candidates[$k - count($taken)], $chosen);
    }

    /**
     * @param  list<list<float>>  $effects
     * @param  list<list<float>>  $between
     * @param  list<float>  $noise
     * @param  list<float>  $redundancy
     * @param  list<int>  $taken
     */
    private function bestCheck(array $effects, array $between, array $noise, array $redundancy, array $taken, float $min): ?int
    {
        $best = null;
        $max = 1e-6;
        foreach ($effects as $k => $row) {
            $gain = 0.0;
            foreach (in_array($k, $taken, true) ? [] : $redundancy as $u => $r) {
                // What goes beyond being checked is worth nothing more.
                $gain += $r > $min ? 0.0 : min(2 * $min, $row[$u] ** 2 / ($noise[$k] + $between[$k][$k]));
            }
            if ($gain > $max) {
                [$best, $max] = [$k, $gain];
            }
        }

        return $best;
    }

    /**
     * @param  list<NextReading>  $candidates
     * @return array{list<array<int, float>>, list<array<int, float>>, list<float>} design rows, Q aᵀ of each, variance of reading
     */
    private function spreads(array $candidates): array
    {
        $solved = $this->result->solved;
        $rows = $spreads = $noise = [];
        foreach ($candidates as $next) {
            $kind = ReadingKinds::named($next->kind)::between($next->points, null);
            $rows[] = $row = $solved->network->unweighted($next->points, $solved->datum->turned($kind->linearise($solved->bench)->partials));
            $spread = [];
            foreach ($row as $i => $p) {
                foreach ($solved->cofactors[$i] as $j => $q) {
                    $spread[$j] = ($spread[$j] ?? 0.0) + $p * $q;
                }
            }
            $spreads[] = $spread;
            $noise[] = $kind::usualSigma() ** 2;
        }

        return [$rows, $spreads, $noise];
    }

    /**
     * @param  array<int, float>  $row
     * @param  array<int, float>  $spread
     */
    private function along(array $row, array $spread): float
    {
        return SparseRow::dot($row, $spread);
    }

    /**
     * @param  list<NextReading>  $candidates
     * @return array{list<list<float>>, list<list<float>>, list<float>} effect of each on the undecided, covariance between them, variance of reading
     */
    private function matrices(array $candidates): array
    {
        [$rows, $spreads, $noise] = $this->spreads($candidates);
        $effects = array_map($this->gains->effects->of(...), $rows);
        $between = array_map(fn (array $spread): array => array_map(fn (array $row): float => $this->along($row, $spread), $rows), $spreads);

        return [$effects, $between, $noise];
    }

    /**
     * @param  list<list<float>>  $effects
     * @param  array<int, array<int, float>>  $between
     * @param  list<float>  $noise
     * @param  list<int>  $open
     * @param  list<int>  $taken
     * @param  array<int, float>  $variance
     */
    private function best(array $effects, array $between, array $noise, array $open, array $taken, array $variance): ?int
    {
        $best = null;
        $all = array_sum(array_map(fn (int $u): float => $variance[$u], $open));
        $max = self::MIN_GAIN * $all;
        foreach ($effects as $k => $row) {
            if (in_array($k, $taken, true)) {
                continue;
            }
            $gain = 0.0;
            foreach ($open as $u) {
                $gain += $row[$u] ** 2;
            }
            $gain /= $noise[$k] + $between[$k][$k];
            if ($gain > $max) {
                [$best, $max] = [$k, $gain];
            }
        }

        return $best;
    }

    private function isOpen(int $column, float $variance): bool
    {
        $id = array_search($column - $column % 3, $this->result->covariance->columns, true);
        $deviation = $this->result->point((string) $id)?->deviation;
        if ($deviation === null) {
            return false;
        }
        $axis = $column % 3;

        return Verdict::of($deviation->toArray()[$axis], $this->options->coverage * sqrt($variance), $this->frame->point((string) $id)->tolerance->mm[$axis]) === Verdict::Unsure;
    }
}
