<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Internal\GainCalculator;
use Geodex\Core\Survey\Internal\NextReadingDescriber;
use Geodex\Core\Survey\Reading\HeightReading;
use Geodex\Core\Survey\Reading\OffsetReading;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\Reading\RiseReading;
use Geodex\Core\Survey\Reading\TramReading;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/**
 * Says what to read next: first what tells explanations apart, then what is unread, then what holds a loose point, then what decides most, then what checks
 * a reading that nothing else checks. Silent when everything is decided and checked.
 */
final readonly class NextReadingAdviser implements HasProvenance
{
    /** @var list<class-string<ReadingKind>> */
    private const OF_ONE_POINT = [HeightReading::class, OffsetReading::class];

    /** Readings that tell explanations apart: one, and two others for who cannot reach it. */
    private const DECIDING = 3;

    public function __construct(private SurveyOptions $options = new SurveyOptions) {}

    public static function provenance(): array
    {
        return [
            new Provenance('next', 'What it settles', 'ΣaᵀaΣ / (σ² + aΣaᵀ), summed over the undecided coordinates', 'Sequential least squares, Mikhail & Ackermann'),
        ];
    }

    /**
     * @param  bool  $onlyChecks  what checks readings, where what is undecided is too close to call
     * @return list<NextReading> best first
     */
    public function advise(Frame $frame, Survey $survey, SurveyResult $result, bool $onlyChecks = false): array
    {
        $deciding = $onlyChecks ? [] : (new DecidingReadings($this->options))->rank($survey, $result, fn (): iterable => $this->candidates($result->solved->bench, $survey));
        $first = array_slice($deciding, 0, self::DECIDING);

        return array_slice([...$first, ...$this->further(frame: $frame, survey: $survey, result: $result, onlyChecks: $onlyChecks, first: $first)], 0, $this->options->suggestions);
    }

    /**
     * @param  list<NextReading>  $first  that are suggested already
     * @return list<NextReading>
     */
    private function further(Frame $frame, Survey $survey, SurveyResult $result, bool $onlyChecks, array $first): array
    {
        $unread = array_filter($frame->points, fn (Point $point): bool => $point->reference !== null && ! isset($result->solved->network->columns[$point->id]));
        if ($unread !== []) {
            return (new StartingTour)->remaining($frame, $survey, $this->options->suggestions, $this->options);
        }
        $gains = new GainCalculator($frame, $result, $this->options, $onlyChecks);
        if ($gains->isSettled()) {
            return [];
        }
        $ranked = [];
        $suggested = array_map(fn (NextReading $next): string => ReadingKinds::between($next->kind, $next->points)->key(), $first);
        foreach ($this->candidates($result->solved->bench, $survey, $suggested) as $kind) {
            $rating = $gains->rate($kind);
            if ($rating !== null) {
                $ranked[] = [$rating, $kind];
            }
        }
        // Equal worth goes to the shorter walk.
        usort($ranked, fn (array $a, array $b): int => [$b[0]->rank, round($b[0]->gain, 3), $this->span($a[1], $result)] <=> [$a[0]->rank, round($a[0]->gain, 3), $this->span($b[1], $result)]);

        $describer = new NextReadingDescriber($result, $this->options, $gains->effects);

        return array_map(
            fn (array $best): NextReading => $describer->describe($best[1], $best[0]),
            array_slice($ranked, 0, $this->options->suggestions),
        );
    }

    private function span(ReadingKind $kind, SurveyResult $result): float
    {
        $points = $kind->points();

        return count($points) === 1 ? 0.0 : $result->solved->bench[$points[1]]->minus($result->solved->bench[$points[0]])->norm();
    }

    /**
     * @param  array<string, Vector3>  $at  positions on the bench
     * @param  list<string>  $suggested  that are named already, by their keys
     * @return iterable<ReadingKind> every reading within reach that has not been taken and is not blocked
     */
    private function candidates(array $at, Survey $survey, array $suggested = []): iterable
    {
        $taken = array_fill_keys($suggested, true);
        foreach ($survey->readingsInUse() as $reading) {
            $taken[$reading->kind->key()] = true;
        }
        foreach ($survey->blocked as $key) {
            $taken[$key] = true;
        }
        foreach ($this->withinReach($at) as $kind) {
            if (! isset($taken[$kind->key()]) && in_array($kind::name(), $this->options->kinds, true)) {
                yield $kind;
            }
        }
    }

    /**
     * @param  array<string, Vector3>  $at
     * @return iterable<ReadingKind>
     */
    private function withinReach(array $at): iterable
    {
        $ids = array_map(strval(...), array_keys($at));
        foreach ($ids as $i => $from) {
            foreach (self::OF_ONE_POINT as $class) {
                yield $class::between([$from], null);
            }
            for ($j = $i + 1; $j < count($ids); $j++) {
                $span = $at[$from]->minus($at[$ids[$j]])->norm();
                if ($span > 1.0 && $span <= $this->options->reach) {
                    yield TramReading::between([$from, $ids[$j]], null);
                }
                if ($span > 1.0 && $span <= $this->options->straightedge) {
                    yield RiseReading::between([$from, $ids[$j]], null);
                }
            }
        }
    }
}
