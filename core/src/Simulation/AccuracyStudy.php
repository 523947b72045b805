<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\NextReadingAdviser;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\ReadingStatus;
use Geodex\Core\Survey\RigidMotionFitter;
use Geodex\Core\Survey\StartingTour;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Survey\SurveyStage;
use Geodex\Core\Survey\Verdict;

/** Surveys made-up frames whose truth is known and counts how often the judgement was right. */
final readonly class AccuracyStudy
{
    private const ROWS = [4, 5, 6, 7];

    private const MAX_READINGS = 400;

    /**
     * How often 95 % intervals of coordinates hold the truth, over frames with damage and no mistakes.
     *
     * @return array{frames: int, coordinates: int, held: int, good: int, accused: int}
     */
    public function intervals(int $frames, int $seed): array
    {
        $count = ['frames' => $frames, 'coordinates' => 0, 'held' => 0, 'good' => 0, 'accused' => 0];
        for ($i = 0; $i < $frames; $i++) {
            [$bent, $readings] = $this->surveyed($seed + $i);
            $result = (new SurveyComputer)->compute($bent->frame, $this->survey($readings));
            foreach ($result->readings as $reading) {
                $count['good']++;
                $count['accused'] += $reading->status === ReadingStatus::Suspect ? 1 : 0;
            }
            foreach ($this->misses($bent, $result) as [$off, $expanded]) {
                $count['coordinates']++;
                $count['held'] += abs($off) <= $expanded ? 1 : 0;
            }
        }

        return $count;
    }

    /**
     * How often one mistake over the smallest detectable size is found, and how many good readings are accused beside it.
     *
     * @param  float  $times  size of the mistakes, in smallest detectable ones; drawn from 1 to this
     * @return array{frames: int, mistakes: int, found: int, good: int, accused: int}
     */
    public function mistakes(int $frames, int $seed, float $times = 3.0): array
    {
        $count = ['frames' => $frames, 'mistakes' => 0, 'found' => 0, 'good' => 0, 'accused' => 0];
        for ($i = 0; $i < $frames; $i++) {
            [$bent, $readings] = $this->surveyed($seed + $i);
            $random = new RandomSource($seed + $i + 1_000_003);
            $clean = (new SurveyComputer)->compute($bent->frame, $this->survey($readings));
            $detectable = array_filter(array_map(fn ($reading): ?float => $reading->detectable, $clean->readings), fn (?float $size): bool => $size !== null);
            if ($detectable === []) {
                continue;
            }
            $wrong = $random->pick(array_keys($detectable));
            $off = $random->pick([-1.0, 1.0]) * $detectable[$wrong] * $random->between(1.0, $times);
            $spoilt = array_map(fn (Reading $reading, int $k): Reading => $k === $wrong ? new Reading($reading->id, $reading->kind, $reading->value + $off, $reading->sigma) : $reading, $readings, array_keys($readings));
            $result = (new SurveyComputer)->compute($bent->frame, $this->survey($spoilt));
            $count['mistakes']++;
            foreach ($result->readings as $k => $reading) {
                $suspect = $reading->status === ReadingStatus::Suspect;
                $count['found'] += $k === $wrong && $suspect ? 1 : 0;
                $count['good'] += $k === $wrong ? 0 : 1;
                $count['accused'] += $k !== $wrong && $suspect ? 1 : 0;
            }
        }

        return $count;
    }

    /**
     * Readings until every coordinate is settled and every reading checked: by a fixed tour, gone round again and again, and by
     * the advice. Frames on which a coordinate is too close to its tolerance for either way to settle it are passed over.
     *
     * @return list<array{seed: int, fixed: int, advised: int}>
     */
    public function advice(int $frames, int $seed): array
    {
        $rows = [];
        for ($i = 0; count($rows) < $frames && $i < 10 * $frames; $i++) {
            $random = new RandomSource($seed + $i);
            $frame = (new FrameMaker)->make($seed + $i, self::ROWS[$i % count(self::ROWS)]);
            $bent = (new FrameBender)->bend($frame, (new DamageMaker)->make($random, 1, 8.0, 16.0), $random);
            $measurer = new FrameMeasurer($bent, new Person(0.8), $seed + $i);
            $fixed = $this->until($bent, fn (int $n): ReadingKind => FullTour::of($frame)[$n % count(FullTour::of($frame))], $measurer);
            $advised = $this->advised($bent, $measurer, $fixed);
            if ($fixed !== null && $advised !== null) {
                $rows[] = ['seed' => $seed + $i, 'fixed' => $fixed, 'advised' => $advised];
            }
        }

        return $rows;
    }

    /** @return array{SimulatedFrame, list<Reading>} a bent frame and a full round of readings with the noise they claim */
    private function surveyed(int $seed): array
    {
        $random = new RandomSource($seed);
        $frame = (new FrameMaker)->make($seed, self::ROWS[$seed % count(self::ROWS)]);
        $bent = (new FrameBender)->bend($frame, (new DamageMaker)->make($random, 2, 4.0, 20.0), $random);
        $readings = [];
        foreach (FullTour::of($frame) as $i => $kind) {
            $value = $kind->linearise($bent->truth)->predicted + $random->normal($kind::usualSigma());
            $readings[] = new Reading("r$i", $kind, $value, $kind::usualSigma());
        }

        return [$bent, $readings];
    }

    /**
     * Registered positions less the truth, laid on the same base points, with half their 95 % interval (mm).
     *
     * @return iterable<array{float, float}>
     */
    private function misses(SimulatedFrame $bent, SurveyResult $result): iterable
    {
        $motion = (new RigidMotionFitter)->fit(
            array_map(fn (string $id): Vector3 => $bent->truth[$id], $result->base),
            array_map(fn (string $id): Vector3 => $bent->frame->point($id)->reference ?? Vector3::of(0, 0, 0), $result->base),
        );
        foreach ($result->points as $point) {
            if ($point->measured === null || $point->sigma === null || ! $point->isDetermined()) {
                continue;
            }
            $off = $point->measured->minus($motion->apply($bent->truth[$point->id]))->toArray();
            foreach ($point->sigma->toArray() as $axis => $sigma) {
                yield [$off[$axis], 1.96 * $sigma];
            }
        }
    }

    /**
     * @param  callable(int): ReadingKind  $nth
     * @return ?int readings taken until all is settled, null if that does not happen
     */
    private function until(SimulatedFrame $bent, callable $nth, FrameMeasurer $measurer): ?int
    {
        $readings = [];
        $round = count(FullTour::of($bent->frame));
        for ($n = 0; $n < self::MAX_READINGS; $n++) {
            $kind = $nth($n);
            $readings[] = new Reading("r$n", $kind, $measurer->read($kind, $n)->value, $kind::usualSigma());
            // Looked at every six readings, in favour of the tour by three at most.
            if ($n >= $round - 1 && ($n - $round + 1) % 6 === 0 && $this->isSettled($bent->frame, $readings)) {
                return $n - 2;
            }
        }

        return null;
    }

    /** @param  ?int  $fixed  what the fixed tour took; more than twice that is given up */
    private function advised(SimulatedFrame $bent, FrameMeasurer $measurer, ?int $fixed): ?int
    {
        $readings = [];
        for ($n = 0; $n < 2 * ($fixed ?? 0); $n++) {
            $next = $this->next($bent->frame, $readings);
            if ($next === null) {
                return $this->isSettled($bent->frame, $readings) ? $n : null;
            }
            $kind = ReadingKinds::named($next->kind)::between($next->points, null);
            $readings[] = new Reading("r$n", $kind, $measurer->read($kind, $n)->value, $kind::usualSigma());
        }

        return null;
    }

    /** @param  list<Reading>  $readings */
    private function next(Frame $frame, array $readings): ?NextReading
    {
        $survey = $this->survey($readings);
        try {
            return (new NextReadingAdviser(new SurveyOptions(suggestions: 1)))->advise($frame, $survey, (new SurveyComputer)->compute($frame, $survey))[0] ?? null;
        } catch (CoreFailure) {
            return (new StartingTour)->remaining($frame, $survey, 1)[0] ?? null;
        }
    }

    /** @param  list<Reading>  $readings */
    private function isSettled(Frame $frame, array $readings): bool
    {
        try {
            $result = (new SurveyComputer)->compute($frame, $this->survey($readings));
        } catch (CoreFailure) {
            return false;
        }
        foreach ($result->points as $point) {
            if ($point->measured === null || in_array(Verdict::Unsure, $point->axes, true)) {
                return false;
            }
        }
        foreach ($result->readings as $reading) {
            if ($reading->status === ReadingStatus::Used && ! $reading->checked) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<Reading>  $readings */
    private function survey(array $readings): Survey
    {
        return new Survey('study', SurveyStage::Before, $readings);
    }
}
