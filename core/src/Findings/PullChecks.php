<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Side;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Survey\Verdict;

/**
 * Readings that show one pull: for what is out in plan the tram to a sound base point diagonally across, which hardly notices a height;
 * for sag the rise from a sound base point along the rail, for twist the rise from left to right, for a diamond its diagonals. Each is
 * taken from the geometry as the earlier pulls leave it, with this pull made and nothing else.
 */
final readonly class PullChecks
{
    public function __construct(private Frame $frame, private SurveyResult $result, private SurveyOptions $options) {}

    /**
     * @param  list<PullPart>  $parts
     * @param  array<string, Vector3>  $before  positions before this pull (mm)
     * @param  array<string, Vector3>  $after  and when it is made
     * @return list<PullCheck>
     */
    public function of(Pattern $pattern, array $parts, array $before, array $after): array
    {
        $moved = array_merge(...array_map(fn (PullPart $part): array => $part->points, $parts));
        $checks = [];
        foreach ($this->calls($pattern, $moved, $before) as [$kind, $from, $to]) {
            if (! isset($before[$from], $before[$to])) {
                continue;
            }
            $checks[] = new PullCheck($kind, "$from $to", $this->reads($kind, $before[$from], $before[$to]), $this->reads($kind, $after[$from], $after[$to]));
        }

        return $checks;
    }

    private function reads(string $kind, Vector3 $from, Vector3 $to): float
    {
        return $kind === 'rise' ? $to->z - $from->z : $to->minus($from)->norm();
    }

    /**
     * @param  list<string>  $moved
     * @param  array<string, Vector3>  $at
     * @return list<array{'tram'|'rise', string, string}>
     */
    private function calls(Pattern $pattern, array $moved, array $at): array
    {
        if ($pattern === Pattern::Diamond) {
            return $this->diagonals($moved, $at);
        }
        $calls = [];
        foreach ($moved as $id) {
            $from = match ($pattern) {
                Pattern::Twist => $this->frame->point($id)->side === Side::Right ? $this->frame->point($id)->mate : null,
                Pattern::Sag => $this->anchor($id, $moved, $at, true),
                default => $this->anchor($id, $moved, $at, false),
            };
            if ($from !== null) {
                $calls[] = [in_array($pattern, [Pattern::Twist, Pattern::Sag], true) ? 'rise' : 'tram', $from, $id];
            }
        }

        return $calls;
    }

    /**
     * Of the largest panel of the racked section that the bar reaches across.
     *
     * @param  list<string>  $moved
     * @param  array<string, Vector3>  $at
     * @return list<array{'tram', string, string}>
     */
    private function diagonals(array $moved, array $at): array
    {
        $left = array_values(array_filter($moved, fn (string $id): bool => isset($at[$id]) && $this->frame->point($id)->side === Side::Left));
        $best = [];
        $longest = 0.0;
        foreach ($left as $first) {
            foreach ($left as $last) {
                [$a, $b] = [$this->frame->point($first)->mate, $this->frame->point($last)->mate];
                if ($a === null || $b === null || ! isset($at[$a], $at[$b]) || $at[$last]->x <= $at[$first]->x) {
                    continue;
                }
                $span = max($at[$b]->minus($at[$first])->norm(), $at[$last]->minus($at[$a])->norm());
                if ($span <= $this->options->reach && $span > $longest) {
                    [$best, $longest] = [[['tram', $first, $b], ['tram', $a, $last]], $span];
                }
            }
        }

        return $best;
    }

    /**
     * The nearest base point within the reach of the tram that is sound and does not move in this pull; one that is surely within its
     * tolerance before one that is not decided.
     *
     * @param  list<string>  $moved
     * @param  array<string, Vector3>  $at
     */
    private function anchor(string $id, array $moved, array $at, bool $sameSide): ?string
    {
        $best = null;
        $min = [INF, INF];
        foreach ($this->result->base as $base) {
            $verdict = $this->result->point($base)?->verdict;
            if (! isset($at[$id], $at[$base]) || $verdict === Verdict::Out || in_array($base, [...$moved, $this->frame->point($id)->mate], true) || ($this->frame->point($base)->side === $this->frame->point($id)->side) !== $sameSide) {
                continue;
            }
            $span = $at[$base]->minus($at[$id])->norm();
            $rank = [$verdict === Verdict::In ? 0.0 : 1.0, $span];
            if ($span <= $this->options->reach && $rank < $min) {
                [$best, $min] = [$base, $rank];
            }
        }

        return $best;
    }
}
