<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;

/**
 * Says how far each outermost pair must come, which way, and in what order: the centre section before the ends, since they
 * hang on it; in each section length, then sidesway, then height, then twist, as frames are pulled in practice.
 */
final readonly class PullPlanner
{
    private const SECTIONS = [Section::Centre, Section::Front, Section::Rear];

    private const ORDER = [Pattern::Diamond, Pattern::ShortRail, Pattern::Sidesway, Pattern::Sag, Pattern::Twist];

    public function __construct(private SurveyOptions $options = new SurveyOptions) {}

    /**
     * @param  list<Finding>  $findings
     * @return list<PullStep> for everything significant that is not surely within its tolerance
     */
    public function plan(Frame $frame, SurveyResult $result, array $findings): array
    {
        $steps = [];
        foreach (self::SECTIONS as $section) {
            foreach (self::ORDER as $pattern) {
                foreach ($findings as $finding) {
                    if ($finding->section === $section && $finding->pattern === $pattern && $this->matters($finding)) {
                        $steps[] = $this->step(count($steps) + 1, $finding, $frame, $result);
                    }
                }
            }
        }

        return $steps;
    }

    private function matters(Finding $finding): bool
    {
        return $finding->significant && abs($finding->amount) + $this->options->coverage * $finding->sigma > $finding->tolerance;
    }

    private function step(int $order, Finding $finding, Frame $frame, SurveyResult $result): PullStep
    {
        $positive = $finding->amount > 0;
        $points = $this->pulled($finding, $frame);
        $direction = match ($finding->pattern) {
            Pattern::Diamond => $positive ? 'the right rail forward and the left rail rearward, half each' : 'the left rail forward and the right rail rearward, half each',
            Pattern::ShortRail => ($finding->section === Section::Front) === $positive ? 'forward' : 'rearward',
            Pattern::Sidesway => $positive ? 'to the left' : 'to the right',
            Pattern::Sag => $positive ? 'down' : 'up',
            Pattern::Twist => $positive ? 'the right side down against the left' : 'the left side down against the right',
        };
        $where = $finding->section === Section::Centre ? 'the centre section' : 'the '.$finding->section->value;
        $expanded = $this->options->coverage * $finding->sigma;
        $text = sprintf('Bring %s %.1f mm: %s.', $finding->pattern === Pattern::ShortRail ? implode(' and ', $points) : "$where (".implode(', ', $points).')', abs($finding->amount), $direction);

        return new PullStep($order, $finding->pattern, $finding->section, $points, abs($finding->amount), $expanded, $direction, $this->checks($points, $frame, $result), $text);
    }

    /** @return list<string> the points of the outermost pair, or the end pairs of the centre; one of them for a short rail */
    private function pulled(Finding $finding, Frame $frame): array
    {
        if ($finding->section === Section::Centre) {
            return count($finding->points) <= 4 ? $finding->points : [...array_slice($finding->points, 0, 2), ...array_slice($finding->points, -2)];
        }
        $pair = array_slice($finding->points, 0, 2);

        return $finding->side === null ? $pair : array_values(array_filter($pair, fn (string $id): bool => $frame->point($id)->side->value === $finding->side));
    }

    /**
     * For each point the tram to the base point diagonally across that shows the pull, and its height.
     *
     * @param  list<string>  $points
     * @return list<array{call: string, now: float, target: float}>
     */
    private function checks(array $points, Frame $frame, SurveyResult $result): array
    {
        $checks = [];
        foreach ($points as $id) {
            $is = $result->point($id)?->measured;
            $should = $frame->point($id)->reference;
            $anchor = $is === null ? null : $this->anchor($id, $is, $frame, $result);
            if ($is === null || $should === null || $anchor === null) {
                continue;
            }
            [$from, $at] = $anchor;
            $checks[] = ['call' => "$from $id", 'now' => $is->minus($at)->norm(), 'target' => $should->minus($at)->norm()];
        }

        return $checks;
    }

    /**
     * The nearest base point on the other side that the tram reaches, and is not the point itself.
     *
     * @return ?array{string, Vector3}
     */
    private function anchor(string $id, Vector3 $is, Frame $frame, SurveyResult $result): ?array
    {
        $best = null;
        $least = $this->options->reach;
        foreach ($result->base as $base) {
            $at = $result->point($base)?->measured;
            if ($at === null || $base === $id || $frame->point($base)->side === $frame->point($id)->side || $base === $frame->point($id)->mate) {
                continue;
            }
            $span = $at->minus($is)->norm();
            if ($span <= $least) {
                [$best, $least] = [[$base, $at], $span];
            }
        }

        return $best;
    }
}
