<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Failure\Refusal;

/** The readings give no usable answer yet; the sentence says what is missing. */
final class CannotComputeSurvey extends Refusal
{
    public static function empty(string $survey): self
    {
        return new self('survey.empty', "Survey “{$survey}” has no reading in use. Take the first one: a tram between two base points.", ['survey' => $survey]);
    }

    /** @param  list<string>  $points */
    public static function heightsWanted(array $points): self
    {
        return new self(
            'survey.heights-wanted',
            'No chart places '.implode(', ', array_slice($points, 0, 6)).(count($points) > 6 ? ' and others' : '').', and lengths alone cannot tell whether a point stands above or below its neighbours. Read a height or a rise for each.',
            ['points' => $points],
        );
    }

    public static function noPairs(): self
    {
        return new self('survey.no-pairs', 'Without a chart a frame is held against its own mirror image, and that takes three pairs of mates that are read. Name the mate of each point, and read more of them.', []);
    }

    /**
     * @param  list<string>  $measured
     * @param  list<string>  $missing
     */
    public static function tooFewBasePoints(array $measured, array $missing): self
    {
        $next = $missing === [] ? 'Mark at least three points as base points in the chart.' : 'Read some of '.implode(', ', array_slice($missing, 0, 6)).'.';

        return new self(
            'survey.too-few-base-points',
            sprintf('The frame cannot be laid on its chart: %d base points are measured, three are needed. %s', count($measured), $next),
            ['measured' => $measured, 'missing' => $missing],
        );
    }

    /** @param  list<string>  $points */
    public static function basePointsInLine(array $points): self
    {
        return new self(
            'survey.base-points-in-line',
            'The measured base points '.implode(', ', $points).' lie in one line, so the frame could turn about it. Read a base point beside that line.',
            ['points' => $points],
        );
    }

    public static function noConvergence(int $iterations, float $correction): self
    {
        return new self(
            'survey.no-convergence',
            sprintf('The readings do not settle: after %d rounds positions still change by %.3g mm. Look for readings called to the wrong points.', $iterations, $correction),
            ['iterations' => $iterations, 'correction' => $correction],
        );
    }

    /** @param  array<int|string, string>  $worst  kind and points of the readings furthest off where the computation stood, by their ids */
    public static function tooContradictory(array $worst): self
    {
        return new self(
            'survey.too-contradictory',
            sprintf('The readings contradict each other too much to be computed. These look worst: %s. Take them again, or strike them.', implode(', ', $worst)),
            ['readings' => array_map(strval(...), array_keys($worst))],
        );
    }

    /** @param  array<int|string, string>  $worst  kind and points of the readings furthest off where the computation stood, by their ids */
    public static function tooLarge(int $readings, float $seconds, array $worst): self
    {
        return new self(
            'survey.too-large',
            sprintf('%d readings are more than can be computed in %g s. Survey the frame in sections that share three base points. Readings that contradict each other take longer too; these look worst: %s.', $readings, $seconds, implode(', ', $worst)),
            ['readings' => array_map(strval(...), array_keys($worst))],
        );
    }
}
