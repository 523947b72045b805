<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Rival;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\EnvelopeSolver;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\Internal\NetworkAdjuster;
use Geodex\Core\Survey\Reading\HeightReading;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\Reading\TramReading;
use Geodex\Core\Survey\ReadingStatus;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Survey\TakenReadings;

/**
 * Looks for a second explanation of a suspect: another reading that, left out in its place, makes everything fit as well.
 * Two standardised residuals that nearly move together cannot be told apart (Förstner, Reliability and discernability of
 * extended Gauss-Markov models, 1983); the reading on which the two explanations differ most decides.
 */
final readonly class RivalFinder
{
    /** What an explanation may leave of the suspect's misfit, in critical values, by the linear theory; a tenth for what bends. */
    private const LEFT = 1.1;

    /** A deciding reading has to differ by so many of its sigmas. */
    private const DECIDES_SIGMAS = 4.0;

    private const NEAR_ENOUGH_MM = 1e-3;

    private NetworkAdjuster $adjuster;

    public function __construct(private SurveyOptions $options = new SurveyOptions)
    {
        $this->adjuster = new NetworkAdjuster(new EnvelopeSolver);
    }

    /** @return list<Rival> at most one for each suspect */
    public function find(Frame $frame, Survey $survey, SurveyResult $result): array
    {
        $byId = [];
        foreach ($survey->readings as $reading) {
            $byId[$reading->id] = $reading;
        }
        $rivals = [];
        foreach ($result->readings as $judged) {
            if ($judged->status === ReadingStatus::Suspect) {
                $rival = $this->rivalOf($byId[$judged->id], abs($judged->standardised ?? 0.0), $survey, $result);
                if ($rival !== null) {
                    $rivals[] = $rival;
                }
            }
        }

        return $rivals;
    }

    private function rivalOf(Reading $suspect, float $misfit, Survey $survey, SurveyResult $result): ?Rival
    {
        foreach ($suspect->kind->points() as $id) {
            if (! isset($result->solved->network->columns[$id])) {
                return null;
            }
        }
        foreach ($this->moveTogether($suspect, $misfit, $result) as $other) {
            $at = $this->without($other, $suspect, $result);
            if ($at !== null) {
                return $this->decide($suspect, $other, $at, $survey, $result);
            }
        }

        return null;
    }

    /**
     * With another reading left out in its place, |w| √(1 − ρ²) of the suspect's misfit is left.
     *
     * @param  float  $misfit  standardised residual of the suspect
     * @return list<Reading> used readings that would leave no more than a good reading has, the closest first
     */
    private function moveTogether(Reading $suspect, float $misfit, SurveyResult $result): array
    {
        $solved = $result->solved;
        $partials = $solved->datum->turned($suspect->kind->linearise($solved->bench)->partials);
        $row = array_map(fn (float $p): float => $p / $suspect->sigma, $solved->network->unweighted($suspect->kind->points(), $partials));
        $spread = [];
        foreach ($row as $i => $p) {
            foreach ($solved->cofactors[$i] as $j => $q) {
                $spread[$j] = ($spread[$j] ?? 0.0) + $p * $q;
            }
        }
        $own = 1.0;
        foreach ($row as $i => $p) {
            $own += $p * $spread[$i];
        }
        $close = [];
        foreach ($solved->rows as $k => $other) {
            $with = 0.0;
            foreach ($other as $j => $p) {
                $with += $p * $spread[$j];
            }
            $redundancy = 1 - $solved->leverage($other) + $with ** 2 / $own;
            $together = $redundancy > 1e-9 ? min(1.0, abs($with) / sqrt($own * $redundancy)) : 0.0;
            if ($misfit * sqrt(1 - $together ** 2) <= self::LEFT * $this->options->critical) {
                $close[$k] = $together;
            }
        }
        arsort($close);

        return array_map(fn (int $k): Reading => $solved->network->readings[$k], array_slice(array_keys($close), 0, 3));
    }

    /** @return ?array<string, Vector3> positions with the other left out in place of the suspect, null if that does not fit */
    private function without(Reading $other, Reading $suspect, SurveyResult $result): ?array
    {
        $kept = array_values(array_filter($result->solved->network->readings, fn (Reading $reading): bool => $reading->id !== $other->id));
        $kept[] = $suspect;
        $network = new Network($kept, $result->solved->bench);
        if (array_diff_key($result->solved->network->columns, $network->columns) !== []) {
            return null;
        }
        try {
            $adjusted = $this->adjuster->adjust($network, $result->solved->bench, self::NEAR_ENOUGH_MM);
        } catch (CannotComputeSurvey) {
            return null;
        }

        return max([0.0, ...array_map(abs(...), $adjusted->misclosures)]) > $this->options->critical ? null : $adjusted->at;
    }

    /** @param  array<string, Vector3>  $at  positions if the other is wrong */
    private function decide(Reading $suspect, Reading $other, array $at, Survey $survey, SurveyResult $result): ?Rival
    {
        $taken = array_fill_keys($survey->blocked, true);
        foreach ($survey->readingsInUse() as $reading) {
            $taken[TakenReadings::key($reading->kind)] = true;
        }
        $best = null;
        $most = self::DECIDES_SIGMAS;
        foreach ($this->candidates($result->solved->bench) as $kind) {
            if (isset($taken[TakenReadings::key($kind)])) {
                continue;
            }
            [$a, $b] = [$kind->linearise($result->solved->bench)->predicted, $kind->linearise($at)->predicted];
            if (abs($a - $b) / $kind::usualSigma() > $most) {
                $most = abs($a - $b) / $kind::usualSigma();
                $best = new Rival($suspect->id, $other->id, $kind::name(), $kind->points(), $a, $b);
            }
        }

        return $best;
    }

    /**
     * @param  array<string, Vector3>  $at
     * @return iterable<ReadingKind>
     */
    private function candidates(array $at): iterable
    {
        $ids = array_map(strval(...), array_keys($at));
        foreach ($ids as $i => $from) {
            yield HeightReading::between([$from], null);
            foreach (array_slice($ids, $i + 1) as $to) {
                $span = $at[$from]->minus($at[$to])->norm();
                if ($span > 1.0 && $span <= $this->options->reach) {
                    yield TramReading::between([$from, $to], null);
                }
            }
        }
    }
}
