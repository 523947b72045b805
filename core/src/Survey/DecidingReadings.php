<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\SparseRow;
use Geodex\Core\Survey\Internal\DatumChooser;
use Geodex\Core\Survey\Reading\HeightReading;
use Geodex\Core\Survey\Reading\ReadingKind;

/**
 * Ranks readings by how far apart the explanations predict them, in units of their own sigma: the more groups of explanations a reading
 * tells apart the better, then the larger the smallest gap between groups. A suspect taken again counts too.
 */
final readonly class DecidingReadings
{
    /** Explanations whose predictions are nearer than this many sigmas are not told apart. */
    private const APART_SIGMAS = 4.0;

    /** Past this a larger gap decides no better; the shorter walk does. */
    private const PLENTY_SIGMAS = 12.0;

    public function __construct(private SurveyOptions $options = new SurveyOptions) {}

    /**
     * @param  callable(): iterable<ReadingKind>  $candidates  within reach and not taken
     * @return list<NextReading> the most telling first; none where there is one explanation, or no reading tells them apart
     */
    public function rank(Survey $survey, SurveyResult $result, callable $candidates): array
    {
        $ways = $this->ways($result);
        if (count($ways) < 2) {
            return [];
        }
        $ranked = [];
        foreach ([...$this->again($survey, $result), ...$candidates()] as $kind) {
            $outcomes = $this->outcomes($kind, $ways);
            if (count($outcomes) > 1 && ! $this->seesFree($kind, $result)) {
                $gaps = [];
                for ($i = 1; $i < count($outcomes); $i++) {
                    $gaps[] = ($outcomes[$i]->value - $outcomes[$i - 1]->value) / $kind::usualSigma();
                }
                $ranked[] = [count($outcomes), min([self::PLENTY_SIGMAS, ...$gaps]), $this->span($kind, $ways[0][0]), $kind, $outcomes];
            }
        }
        usort($ranked, fn (array $a, array $b): int => [$b[0], $b[1], $a[2]] <=> [$a[0], $a[1], $b[2]]);

        return $ranked === [] ? $this->together($survey, $result) : array_map(
            fn (array $one): NextReading => new NextReading(
                kind: $one[3]::name(),
                points: $one[3]->points(),
                expected: $one[3]->linearise($ways[0][0])->predicted,
                gain: 1.0,
                settles: 0,
                because: ReasonToRead::Deciding,
                outcomes: $one[4],
            ),
            array_slice($ranked, 0, $this->options->suggestions),
        );
    }

    /** Whether it sees where the bench is while nothing else does: it could be met by moving the whole, and tells nothing. */
    private function seesFree(ReadingKind $kind, SurveyResult $result): bool
    {
        $solved = $result->solved;
        if (! $kind::seesBench() || $solved->free === [] || array_diff_key(array_flip($kind->points()), $solved->network->columns) !== []) {
            return false;
        }
        $row = $solved->network->unweighted($kind->points(), $solved->datum->turned($kind->linearise($solved->bench)->partials));
        foreach ($solved->free as $direction) {
            $along = SparseRow::dot($row, $direction);
            if (abs($along) > DatumChooser::FIRM) {
                return true;
            }
        }

        return false;
    }

    /**
     * Mirror solutions that no single reading tells apart are told apart by heights together: of three points that carry the datum, which
     * say how the frame lies on the bench, and of a point that is folded.
     *
     * @return list<NextReading>
     */
    private function together(Survey $survey, SurveyResult $result): array
    {
        $folded = array_merge([], ...array_map(fn (Alternative $other): array => $other->folded, $result->alternatives));
        if ($folded === []) {
            return [];
        }
        $taken = array_fill_keys([...array_map(fn ($reading): string => $reading->kind->key(), $survey->readingsInUse()), ...$survey->blocked], true);
        $wanted = [];
        foreach (array_unique([...array_slice(array_values(array_diff($result->base, $folded)), 0, 3), ...$folded]) as $id) {
            $kind = HeightReading::between([$id], null);
            if (! isset($taken[$kind->key()])) {
                $wanted[] = new NextReading(kind: 'height', points: [$id], expected: null, gain: 1.0, settles: 0, because: ReasonToRead::Deciding);
            }
        }

        return array_slice($wanted, 0, $this->options->suggestions);
    }

    /** @return non-empty-list<array{array<string, Vector3>, list<string>, list<string>}> positions, readings that are wrong, points folded; what is told first, first */
    private function ways(SurveyResult $result): array
    {
        $ways = [];
        foreach ($result->explanations as $explanation) {
            $ways[] = [$explanation->bench, $explanation->suspects(), []];
        }
        foreach ($result->alternatives as $other) {
            if ($other->folded !== []) {
                $ways[] = [$other->bench, $result->explanations[$other->explanation]->suspects(), $other->folded];
            }
        }

        return $ways;
    }

    /**
     * The suspects once more, each once: two that agree say no more than one.
     *
     * @return list<ReadingKind>
     */
    private function again(Survey $survey, SurveyResult $result): array
    {
        $count = $kinds = [];
        foreach ($survey->readingsInUse() as $reading) {
            $key = $reading->kind->key();
            $count[$key] = ($count[$key] ?? 0) + 1;
            foreach ($result->explanations as $explanation) {
                if ($explanation->names($reading->id) && ! in_array($key, $survey->blocked, true)) {
                    $kinds[$key] = $reading->kind;
                }
            }
        }

        return array_values(array_filter($kinds, fn (ReadingKind $kind): bool => $count[$kind->key()] === 1));
    }

    /**
     * @param  non-empty-list<array{array<string, Vector3>, list<string>, list<string>}>  $ways
     * @return list<Outcome> ascending
     */
    private function outcomes(ReadingKind $kind, array $ways): array
    {
        $predicted = [];
        try {
            foreach ($ways as $k => [$at]) {
                $predicted[$k] = $kind->linearise($at)->predicted;
            }
        } catch (CoreFailure) {
            return [];
        }
        if (max($predicted) - min($predicted) < self::APART_SIGMAS * $kind::usualSigma()) {
            return [];
        }
        asort($predicted);
        $groups = [];
        $last = -INF;
        foreach ($predicted as $k => $value) {
            if ($value - $last >= self::APART_SIGMAS * $kind::usualSigma()) {
                $groups[] = [];
            }
            $groups[count($groups) - 1][] = $k;
            $last = $value;
        }

        return array_map(fn (array $group): Outcome => new Outcome(
            array_sum(array_map(fn (int $k): float => $predicted[$k], $group)) / max(1, count($group)),
            array_map(fn (int $k): array => $ways[$k][1], $group),
            array_values(array_unique(array_merge(...array_map(fn (int $k): array => $ways[$k][2], $group)))),
        ), array_values($groups));
    }

    /** @param  array<string, Vector3>  $at */
    private function span(ReadingKind $kind, array $at): float
    {
        $points = $kind->points();

        return count($points) === 1 ? 0.0 : $at[$points[1]]->minus($at[$points[0]])->norm();
    }
}
