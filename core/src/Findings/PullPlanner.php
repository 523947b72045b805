<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Side;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Units\Spoken;

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
        $text = sprintf('Bring %s %s: %s.', $finding->pattern === Pattern::ShortRail ? implode(' and ', $points) : "$where (".implode(', ', $points).')', Spoken::measure(abs($finding->amount)), $direction);

        return new PullStep($order, $finding->pattern, $finding->section, $points, abs($finding->amount), $expanded, $direction, $this->checks($finding->pattern, $points, $frame, $result), $text);
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
     * Readings that show the pull: for what is out in plan the tram to the base point diagonally across, which hardly notices
     * a height; for sag the rise from the base point along the rail, for twist the rise from left to right.
     *
     * @param  list<string>  $points
     * @return list<array{kind: 'tram'|'rise', call: string, now: float, target: float}>
     */
    private function checks(Pattern $pattern, array $points, Frame $frame, SurveyResult $result): array
    {
        $checks = [];
        foreach ($points as $id) {
            $is = $result->point($id)?->measured;
            $should = $frame->point($id)->reference;
            $from = match ($pattern) {
                Pattern::Twist => $frame->point($id)->side === Side::Right ? $frame->point($id)->mate : null,
                Pattern::Sag => $this->anchor($id, $frame, $result, true),
                default => $this->anchor($id, $frame, $result, false),
            };
            $at = $from === null ? null : $result->point($from)?->measured;
            $meant = $from === null ? null : $frame->point($from)->reference;
            if ($is === null || $should === null || $from === null || $at === null || $meant === null) {
                continue;
            }
            $checks[] = in_array($pattern, [Pattern::Twist, Pattern::Sag], true)
                ? ['kind' => 'rise', 'call' => "$from $id", 'now' => $is->z - $at->z, 'target' => $should->z - ($pattern === Pattern::Twist ? $meant->z : $at->z)]
                : ['kind' => 'tram', 'call' => "$from $id", 'now' => $is->minus($at)->norm(), 'target' => $should->minus($at)->norm()];
        }

        return $checks;
    }

    /** The nearest base point within the reach of the tram, on the same side or the other, that is not the point itself. */
    private function anchor(string $id, Frame $frame, SurveyResult $result, bool $sameSide): ?string
    {
        $is = $result->point($id)?->measured;
        $best = null;
        $least = $this->options->reach;
        foreach ($result->base as $base) {
            $at = $result->point($base)?->measured;
            if ($is === null || $at === null || $base === $id || $base === $frame->point($id)->mate || ($frame->point($base)->side === $frame->point($id)->side) !== $sameSide) {
                continue;
            }
            $span = $at->minus($is)->norm();
            if ($span <= $least) {
                [$best, $least] = [$base, $span];
            }
        }

        return $best;
    }
}
