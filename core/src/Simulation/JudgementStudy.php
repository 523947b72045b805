<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\Section;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\StartingTour;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyStage;

/**
 * How often the judgement is wrong on made-up frames whose truth is known, from the readings people really take: out where the
 * truth is a millimetre or more inside the tolerance, or in where it is a millimetre or more outside.
 */
final readonly class JudgementStudy
{
    private const ROWS = [4, 5, 6, 7];

    private JudgementScorer $scorer;

    public function __construct()
    {
        $this->scorer = new JudgementScorer;
    }

    public function clean(int $frames, int $seed): JudgementCount
    {
        $count = new JudgementCount;
        for ($i = 0; $i < $frames; $i++) {
            [$bent, $random] = $this->bent($seed + $i, 2);
            $this->scorer->judge($count, $bent, $this->read($bent, FullTour::of($bent->frame), $random));
        }

        return $count;
    }

    /** The starting tour, one detectable mistake; every other frame is sound. */
    public function startingTour(int $frames, int $seed): JudgementCount
    {
        $count = new JudgementCount;
        for ($i = 0; $i < $frames; $i++) {
            [$bent, $random] = $this->bent($seed + $i, $i % 2);
            $readings = $this->read($bent, $this->tour($bent->frame), $random);
            $wrong = $this->spoilt($bent->frame, $readings, 1, $random);
            if ($wrong === null) {
                continue;
            }
            $assessment = $this->scorer->judge($count, $bent, $wrong[0]);
            $count->mistakes += 1;
            $count->told += $assessment !== null && $this->scorer->tells($assessment, $wrong[1]) ? 1 : 0;
            $count->sound += $bent->damages === [] ? 1 : 0;
            $count->pulled += $bent->damages === [] && $assessment !== null && $assessment->pulls !== [] ? 1 : 0;
            $count->ambiguous += $assessment !== null && $assessment->survey->isAmbiguous() ? 1 : 0;
        }

        return $count;
    }

    public function twoMistakes(int $frames, int $seed): JudgementCount
    {
        $count = new JudgementCount;
        for ($i = 0; $i < $frames; $i++) {
            [$bent, $random] = $this->bent($seed + $i, 2);
            $readings = $this->read($bent, FullTour::of($bent->frame), $random);
            $wrong = $this->spoilt($bent->frame, $readings, 2, $random);
            if ($wrong === null) {
                continue;
            }
            $assessment = $this->scorer->judge($count, $bent, $wrong[0]);
            $count->mistakes += 1;
            $count->told += $assessment !== null && $this->scorer->tells($assessment, $wrong[1]) ? 1 : 0;
            $count->ambiguous += $assessment !== null && $assessment->survey->isAmbiguous() ? 1 : 0;
        }

        return $count;
    }

    /** One length or height typed in the wrong unit: the result is that of the same job with the reading struck, wherever it is named. */
    public function unitMistake(int $frames, int $seed): JudgementCount
    {
        $count = new JudgementCount;
        for ($i = 0; $i < $frames; $i++) {
            [$bent, $random] = $this->bent($seed + $i, 1);
            $readings = $this->read($bent, $i % 2 === 0 ? FullTour::of($bent->frame) : $this->tour($bent->frame), $random);
            $k = $random->whole(0, count($readings) - 1);
            $factor = $random->pick([1 / 25.4, 0.1, 10.0]);
            if ($readings[$k]->kind->implausible($readings[$k]->value * $factor) !== null) {
                continue;
            }
            $spoilt = $readings;
            $spoilt[$k] = new Reading($readings[$k]->id, $readings[$k]->kind, $readings[$k]->value * $factor, $readings[$k]->sigma);
            $with = $this->scorer->judge($count, $bent, array_values($spoilt));
            $count->mistakes += 1;
            if ($with === null || ! $with->survey->explanations[0]->names($readings[$k]->id)) {
                continue;
            }
            $count->told += 1;
            $without = $this->scorer->assess($bent->frame, array_values(array_diff_key($readings, [$k => true])));
            $count->same += $without !== null && $this->scorer->furthest($with, $without) < 1e-3 ? 1 : 0;
        }

        return $count;
    }

    /** Lengths alone over a frame with a step in its height. */
    public function tramsOnly(int $frames, int $seed): JudgementCount
    {
        $count = new JudgementCount;
        for ($i = 0; $i < $frames; $i++) {
            [$bent, $random] = $this->bent($seed + $i, 1, step: $i % 2 === 0 ? 90.0 : 180.0);
            $trams = array_values(array_filter(FullTour::of($bent->frame), fn (ReadingKind $kind): bool => $kind::name() === 'tram'));
            $this->scorer->judge($count, $bent, $this->read($bent, $trams, $random));
        }

        return $count;
    }

    /** One base point bent, or its line in the chart mistyped, by 8 to 30 mm. */
    public function bentBase(int $frames, int $seed): JudgementCount
    {
        $count = new JudgementCount;
        for ($i = 0; $i < $frames; $i++) {
            [$bent, $random] = $this->bent($seed + $i, $i % 2, rows: self::ROWS[$i % 2] + 3, bases: 3);
            $base = array_keys(array_filter($bent->frame->points, fn (Point $point): bool => $point->base));
            $wrong = $bent->frame->points[$random->whole(min($base ?: [0]), max($base ?: [0]))]->id;
            $axis = $random->whole(0, 2);
            $off = $random->pick([-1.0, 1.0]) * $random->between(8.0, 30.0);
            $shift = Vector3::of($axis === 0 ? $off : 0.0, $axis === 1 ? $off : 0.0, $axis === 2 ? $off : 0.0);
            $truth = array_replace($bent->truth, [$wrong => $bent->truth[$wrong]->plus($shift)]);
            $spoilt = new SimulatedFrame($bent->frame, $truth, $bent->damages);
            $assessment = $this->scorer->judge($count, $spoilt, $this->read($spoilt, FullTour::of($bent->frame), $random), [$wrong]);
            $count->mistakes += 1;
            $named = $assessment === null ? [] : array_map(fn ($point): string => $point->id, $assessment->survey->doubtfulBase());
            $count->told += in_array($wrong, $named, true) ? 1 : 0;
        }

        return $count;
    }

    /** Centre twist and sag of either sign: every pull brings the frame nearer to its chart. */
    public function centrePulls(int $frames, int $seed): JudgementCount
    {
        $count = new JudgementCount;
        for ($i = 0; $i < $frames; $i++) {
            $random = new RandomSource($seed + $i);
            $frame = (new FrameMaker)->make($seed + $i, 7, 5);
            $amount = $random->pick([-1.0, 1.0]) * $random->between(12.0, 25.0);
            $damage = new Damage($i % 2 === 0 ? Pattern::Twist : Pattern::Sag, Section::Centre, $amount);
            $bent = (new FrameBender)->bend($frame, [$damage], $random);
            $assessment = $this->scorer->assess($frame, $this->read($bent, FullTour::of($frame), $random));
            foreach ($assessment->pulls ?? [] as $pull) {
                if ($pull->section === Section::Centre && $pull->pattern === $damage->pattern) {
                    $count->mistakes += 1;
                    $count->told += PullEffect::isRightWay($pull, $bent) ? 1 : 0;
                }
            }
            $count->frames += 1;
        }

        return $count;
    }

    /** @return array{SimulatedFrame, RandomSource} */
    private function bent(int $seed, int $damages, float $step = 0.0, ?int $rows = null, ?int $bases = null): array
    {
        $random = new RandomSource($seed);
        $frame = (new FrameMaker)->make($seed, $rows ?? self::ROWS[$seed % count(self::ROWS)], $bases, $step);

        return [(new FrameBender)->bend($frame, $damages === 0 ? [] : (new DamageMaker)->make($random, $damages, 4.0, 20.0), $random), $random];
    }

    /** @return list<ReadingKind> */
    private function tour(Frame $frame): array
    {
        $survey = new Survey('tour', SurveyStage::Before, []);

        return array_map(fn (NextReading $next): ReadingKind => ReadingKinds::named($next->kind)::between($next->points, null), (new StartingTour)->remaining($frame, $survey, PHP_INT_MAX));
    }

    /**
     * @param  list<ReadingKind>  $tour
     * @return list<Reading>
     */
    private function read(SimulatedFrame $bent, array $tour, RandomSource $random): array
    {
        $readings = [];
        foreach ($tour as $i => $kind) {
            $readings[] = new Reading("r$i", $kind, $kind->linearise($bent->truth)->predicted + $random->normal($kind::usualSigma()), $kind::usualSigma());
        }

        return $readings;
    }

    /**
     * @param  list<Reading>  $readings
     * @return ?array{list<Reading>, list<string>} with mistakes of one to three smallest detectable sizes, and where they are
     */
    private function spoilt(Frame $frame, array $readings, int $mistakes, RandomSource $random): ?array
    {
        $clean = $this->scorer->assess($frame, $readings);
        $detectable = array_filter(array_map(fn ($reading): ?float => $reading->detectable, $clean->survey->readings ?? []), fn (?float $size): bool => $size !== null);
        $wrong = [];
        for ($n = 0; $n < $mistakes; $n++) {
            $left = array_diff_key($detectable, $wrong);
            if ($left === []) {
                return null;
            }
            $k = $random->pick(array_keys($left));
            $wrong[$k] = $random->pick([-1.0, 1.0]) * $left[$k] * $random->between(1.0, 3.0);
        }
        foreach ($wrong as $k => $off) {
            if ($readings[$k]->kind->implausible($readings[$k]->value + $off) !== null) {
                return null;
            }
            $readings[$k] = new Reading($readings[$k]->id, $readings[$k]->kind, $readings[$k]->value + $off, $readings[$k]->sigma);
        }

        return [array_values($readings), array_map(fn (int $k): string => $readings[$k]->id, array_keys($wrong))];
    }
}
