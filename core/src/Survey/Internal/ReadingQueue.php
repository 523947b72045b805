<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Frame\Frame;
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
    private const LEAST_GAIN = 0.01;

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
    public function line(array $candidates, int $most): array
    {
        // What holds a loose point comes first; what it does to the rest shows only once it is read.
        $first = array_values(array_filter($candidates, fn (NextReading $next): bool => in_array($next->because, [ReasonToRead::Loose, ReasonToRead::Unchecked], true)));
        if ($first !== []) {
            $loose = count($this->result->covariance->loose);

            return [array_slice($first, 0, max(1, $loose)), 0, true];
        }
        $columns = $this->gains->undecidedColumns();
        $variance = array_map($this->result->covariance->variance(...), $columns);
        [$effects, $between, $noise] = $this->matrices($candidates);
        $open = array_keys($columns);
        $taken = [];
        $needed = 0;
        while ($open !== [] && count($taken) < min($most, count($candidates))) {
            $best = $this->best($effects, $between, $noise, $open, $taken, $variance);
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

        return [array_map(fn (int $k): NextReading => $candidates[$k], array_slice($taken, 0, $needed)), count($open), $open === [] || count($taken) < $most];
    }

    /**
     * @param  list<NextReading>  $candidates
     * @return array{list<list<float>>, list<list<float>>, list<float>} effect of each on the undecided, covariance between them, variance of reading
     */
    private function matrices(array $candidates): array
    {
        $solved = $this->result->solved;
        $rows = $effects = $noise = [];
        foreach ($candidates as $next) {
            $kind = ReadingKinds::named($next->kind)::between($next->points, null);
            $rows[] = $row = $solved->network->unweighted($next->points, $solved->datum->turned($kind->linearise($solved->bench)->partials));
            $effects[] = $this->gains->effectsOf($row);
            $noise[] = $kind::usualSigma() ** 2;
        }
        $between = [];
        foreach ($rows as $k => $row) {
            $spread = [];
            foreach ($row as $i => $p) {
                foreach ($solved->cofactors[$i] as $j => $q) {
                    $spread[$j] = ($spread[$j] ?? 0.0) + $p * $q;
                }
            }
            foreach ($rows as $l => $other) {
                $sum = 0.0;
                foreach ($other as $j => $q) {
                    $sum += $q * $spread[$j];
                }
                $between[$k][$l] = $sum;
            }
        }

        return [$effects, array_map(array_values(...), array_values($between)), $noise];
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
        $most = self::LEAST_GAIN * $all;
        foreach ($effects as $k => $row) {
            if (in_array($k, $taken, true)) {
                continue;
            }
            $gain = 0.0;
            foreach ($open as $u) {
                $gain += $row[$u] ** 2;
            }
            $gain /= $noise[$k] + $between[$k][$k];
            if ($gain > $most) {
                [$best, $most] = [$k, $gain];
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
