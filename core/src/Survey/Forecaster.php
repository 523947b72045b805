<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\Internal\GainCalculator;
use Geodex\Core\Survey\Internal\ReadingQueue;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/**
 * Looks ahead: takes the best reading, shrinks the covariance as it would (sequential least squares, Mikhail & Ackermann,
 * chapter 14), takes the next best, and counts until nothing more is decided. Deviations are taken to stay as they are.
 */
final readonly class Forecaster implements HasProvenance
{
    /** Candidates that are looked at: the readings worth most now are nearly always those worth most later. */
    public const CANDIDATES = 24;

    private const MAX_AHEAD = 60;

    public function __construct(private SurveyOptions $options = new SurveyOptions) {}

    public static function provenance(): array
    {
        return [
            new Provenance('toGo', 'Readings to go', 'the best reading is taken, Σ shrinks as it would, the next best, … until no more is decided; then what checks the unchecked', 'Sequential least squares, Mikhail & Ackermann; deviations are taken to stay as they are'),
        ];
    }

    /** @param  ?list<NextReading>  $candidates  the best next readings, where they are known already; CANDIDATES of them do */
    public function forecast(Frame $frame, Survey $survey, SurveyResult $result, ?array $candidates = null): Forecast
    {
        $coordinates = $settled = 0;
        $unread = false;
        foreach ($frame->points as $point) {
            if ($point->reference === null) {
                continue;
            }
            $coordinates += 3;
            $axes = $result->point($point->id)->axes ?? [];
            $unread = $unread || $axes === [];
            $settled += count(array_filter($axes, fn (Verdict $verdict): bool => $verdict === Verdict::In || $verdict === Verdict::Out));
        }
        $wide = $this->options->with(suggestions: self::CANDIDATES);
        if ($unread) {
            $tour = (new StartingTour)->remaining($frame, $survey, PHP_INT_MAX, $this->options);

            return new Forecast(coordinates: $coordinates, settled: $settled, toGo: count($tour), tooClose: 0, readings: $tour);
        }
        $candidates ??= (new NextReadingAdviser($wide))->advise($frame, $survey, $result);
        if ($candidates !== [] && $candidates[0]->because === ReasonToRead::Deciding) {
            // What the reading that decides leaves to do shows only once it is in.
            return new Forecast(
                coordinates: $coordinates,
                settled: $settled,
                toGo: null,
                tooClose: 0,
                readings: array_slice(array_values(array_filter($candidates, fn (NextReading $next): bool => $next->because === ReasonToRead::Deciding)), 0, 1),
            );
        }
        $gains = new GainCalculator($frame, $result, $wide);
        $queue = new ReadingQueue($gains, $frame, $result, $this->options);
        [$readings, $tooClose, $ended] = $queue->line($candidates, self::MAX_AHEAD);
        if ($ended && $gains->unchecked !== []) {
            $checks = (new NextReadingAdviser($wide))->advise($frame, $survey, $result, true);
            array_push($readings, ...$queue->checks($checks, $readings, $this->options->minRedundancy));
        }

        return new Forecast(coordinates: $coordinates, settled: $settled, toGo: $ended ? count($readings) : null, tooClose: $tooClose, readings: $readings);
    }
}
