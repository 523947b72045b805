<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Explanation;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\LeastSquaresSolver;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\Internal\Adjustment;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\Internal\NetworkAdjuster;
use Geodex\Core\Survey\Internal\Start;
use Geodex\Core\Survey\Internal\StartBuilder;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/**
 * Finds every explanation of the readings. A network where one mistake fits a dozen readings equally must not name one of them
 * (Baarda, data snooping; Förstner and Lehmann, separability of mistakes). docs/formulas.md, "Explanations".
 */
final readonly class ExplanationFinder implements HasProvenance
{
    /** Positions this good tell explanations apart; the one that is told first is adjusted to the end. */
    private const NEAR_ENOUGH_MM = 1e-2;

    /** A mistake of more sigmas than this bends the linear theory: it is set up again where the mistake has no say. */
    private const BENDS_SIGMAS = 12.0;

    private const ROUNDS = 4;

    /** Past this many the positions of the linear theory serve. */
    private const ADJUSTED = 20;

    /** A frame that moves by less bends a length by a few hundredths: the linear theory is exact (mm). */
    private const HARDLY_MM = 5.0;

    public function __construct(private LeastSquaresSolver $solver, private NetworkAdjuster $adjuster, private StartBuilder $starts, private SurveyOptions $options) {}

    public static function provenance(): array
    {
        return [
            new Provenance(
                name: 'explanations',
                title: 'Explanations',
                formula: 'every smallest set of readings without which all checked others have |w| ≤ 3.29, and each of which then has |w| > 3.29',
                source: 'Multiple alternative hypotheses, Förstner and Lehmann; data snooping, Baarda',
                limit: 'Up to a quarter of the readings; past that “too many mistakes” is said.',
            ),
        ];
    }

    /**
     * @param  list<Reading>  $readings  in use
     *
     * @throws CannotComputeSurvey if they do not settle
     */
    public function find(Frame $frame, array $readings): Explained
    {
        $pooled = PooledReadings::of($readings, $this->options->critical);
        $start = $this->starts->build($frame, $pooled->observations());
        $network = new Network($pooled->observations(), $start->at);
        $gross = (new GrossMistakes($this->adjuster, $this->options))->among($network, $start->gross, $start->at);
        $network = $network->without($gross);
        $built = $this->starts->isBuilt($frame, $network->readings);
        $out = [];
        $round = 0;
        do {
            $round++;
            $at = $this->adjuster->adjust($network->without($out), $start->at, self::NEAR_ENOUGH_MM)->at;
            $algebra = $this->algebra($network, $at);
            $seed = $this->snooped($algebra, $out);
            $left = $algebra->without($seed, $this->options->minRedundancy);
            $isDone = $left === null || $round === self::ROUNDS || array_diff($this->bending($left), $out) === [];
            if (! $isDone) {
                $out = $seed;
                $start = $built ? new Start($this->starts->build($frame, $network->without($out)->readings)->at + $at) : $start;
            }
        } while (! $isDone);
        $pooled = new Observed($pooled, $gross);
        $search = new ExplanationSearch($algebra, $this->options);
        $found = $explanations = [];
        foreach ($search->bySize($seed) as $ofOneSize) {
            $found = $ofOneSize;
            $explanations = $this->adjusted(found: $found, search: $search, frame: $frame, network: $network, at: $at, algebra: $algebra, pooled: $pooled);
            if ($explanations !== []) {
                break;
            }
        }
        if ($explanations === []) {
            $explanations = $left === null ? [] : $this->adjusted(
                found: [$left],
                search: $search,
                frame: $frame,
                network: $network,
                at: $at,
                algebra: $algebra,
                pooled: $pooled,
                tested: false,
            );
        }
        if ($explanations === []) {
            throw CannotComputeSurvey::noConvergence(self::ROUNDS, 0.0);
        }
        $explanations = array_slice(Telling::inOrder($explanations), 0, ExplanationSearch::MAX);
        $suspects = array_flip($explanations[0]->suspects());

        return new Explained(
            explanations: $explanations,
            kept: array_values(array_filter($readings, fn (Reading $reading): bool => ! isset($suspects[$reading->id]))),
            start: $start->at,
            network: $network,
            algebra: $algebra,
            beyond: count($found) > ExplanationSearch::MAX,
        );
    }

    /** @param  array<string, Vector3>  $at */
    private function algebra(Network $network, array $at): LeftOutAlgebra
    {
        $rows = $misclosures = [];
        foreach ($network->readings as $i => $reading) {
            $design = $reading->kind->linearise($at);
            $rows[] = $network->row($i, $design->partials);
            $misclosures[] = ($reading->value - $design->predicted) / $reading->sigma;
        }

        $normals = $this->solver->factor($rows, $network->unknowns());

        return new LeftOutAlgebra($rows, $normals->cofactors(), $misclosures, $normals->freeDirections());
    }

    /** @return list<int> readings that bend the frame where they have a say */
    private function bending(LeftOut $left): array
    {
        return array_values(array_filter($left->set, fn (int $a): bool => abs($left->mistakes[$a]) >= self::BENDS_SIGMAS, ARRAY_FILTER_USE_KEY));
    }

    /**
     * Takes out the worst, one at a time, then puts back what fits after all, the best first (Baarda).
     *
     * @param  list<int>  $out  to begin with
     * @return list<int> ascending
     */
    private function snooped(LeftOutAlgebra $algebra, array $out): array
    {
        $max = max(1, (int) floor($this->options->maxShare * count($algebra->residuals)));
        $left = $algebra->without($out, $this->options->minRedundancy) ?? $algebra->without($out = [], $this->options->minRedundancy);
        while ($left !== null && count($out) < $max) {
            $worst = $left->worst($this->options->critical, $this->options->minRedundancy);
            $next = $worst === null ? null : $algebra->without([...$out, $worst], $this->options->minRedundancy);
            if ($worst === null || $next === null) {
                break;
            }
            [$out, $left] = [[...$out, $worst], $next];
        }
        while ($left !== null && $out !== []) {
            $fits = [];
            foreach (array_keys($out) as $a) {
                $fits[$a] = abs($left->standardised($a));
            }
            asort($fits);
            $best = (int) array_key_first($fits);
            if ($fits[$best] > $this->options->critical) {
                break;
            }
            unset($out[$best]);
            $out = array_values($out);
            $left = $algebra->without($out, $this->options->minRedundancy);
        }
        sort($out);

        return $out;
    }

    /**
     * @param  list<LeftOut>  $found
     * @param  array<string, Vector3>  $at
     * @return list<Explanation> those that hold when adjusted anew
     */
    private function adjusted(array $found, ExplanationSearch $search, Frame $frame, Network $network, array $at, LeftOutAlgebra $algebra, Observed $pooled, bool $tested = true): array
    {
        $explanations = $seen = [];
        for ($n = 0; $n < count($found) && count($explanations) <= ExplanationSearch::MAX; $n++) {
            $left = $found[$n];
            $seen[implode(' ', $left->set)] = true;
            $adjusted = $this->anew(network: $network, left: $left, at: $at, algebra: $algebra, precisely: $n < self::ADJUSTED);
            if ($adjusted === null) {
                continue;
            }
            $failing = $tested ? $this->failing($network, $left, $adjusted) : null;
            if ($failing === null) {
                $sum = array_sum(array_map(fn (float $w): float => $w * $w, $adjusted->misclosures));
                $explanations[] = $this->explanation(left: $left, bench: $adjusted->at, sum: $sum, frame: $frame, network: $network, pooled: $pooled);
            } elseif (! in_array($failing[0], $left->set, true)) {
                foreach ($search->withOneMore($left, $failing[1]) as $more) {
                    if (! isset($seen[implode(' ', $more->set)])) {
                        $found[] = $more;
                        $seen[implode(' ', $more->set)] = true;
                    }
                }
            }
        }

        return $explanations;
    }

    /**
     * The frame with a set left out. Where it hardly moves, and past the first few, the linear theory is as good as another adjustment.
     *
     * @param  array<string, Vector3>  $at
     */
    private function anew(Network $network, LeftOut $left, array $at, LeftOutAlgebra $algebra, bool $precisely): ?Adjustment
    {
        $moved = $algebra->moved($left);
        foreach ($network->columns as $id => $c) {
            $at[$id] = $at[$id]->plus(Vector3::of($moved[$c], $moved[$c + 1], $moved[$c + 2]));
        }
        if (! $precisely || max([0.0, ...array_map(abs(...), $moved)]) <= self::HARDLY_MM) {
            return new Adjustment($at, array_values(array_diff_key($left->residuals, array_flip($left->set))), 0);
        }
        try {
            return $this->adjuster->adjust($network->without($left->set), $at, self::NEAR_ENOUGH_MM);
        } catch (CoreFailure) {
            return null;
        }
    }

    /** @return ?array{int, float} the reading that rules the explanation out: one that does not fit, or one left out that does; null if it holds */
    private function failing(Network $network, LeftOut $left, Adjustment $adjusted): ?array
    {
        $failing = null;
        $max = $this->options->critical;
        $k = 0;
        foreach (array_keys($network->readings) as $i) {
            if (in_array($i, $left->set, true)) {
                continue;
            }
            $w = $adjusted->misclosures[$k++];
            $r = $left->redundancies[$i];
            if ($r > $this->options->minRedundancy && abs($w) > $max * sqrt($r)) {
                [$failing, $max] = [[$i, $w / sqrt($r)], abs($w) / sqrt($r)];
            }
        }
        foreach ($left->set as $a => $i) {
            $reading = $network->readings[$i];
            $w = ($reading->value - $reading->kind->linearise($adjusted->at)->predicted) / $reading->sigma / sqrt($left->inverse[$a][$a]);
            if (abs($w) <= $this->options->critical) {
                return [$i, $w];
            }
        }

        return $failing;
    }

    /** @param  array<string, Vector3>  $bench */
    private function explanation(LeftOut $left, array $bench, float $sum, Frame $frame, Network $network, Observed $pooled): Explanation
    {
        return new Explanation((new MistakeReader)->read($left, $frame, $network, $bench, $pooled), $sum, $bench, $left);
    }
}
