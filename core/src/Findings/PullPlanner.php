<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Datum\DoubtfulBase;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Provenance;
use Geodex\Core\Words\Sentence;

/**
 * Says how far each outermost pair must come, which way, and in what order: the centre section before the ends, since they
 * hang on it; in each section length, then sidesway, then height, then twist, as frames are pulled in practice. Only what is surely
 * out is pulled, and nothing that an open question bears on.
 */
final readonly class PullPlanner implements HasProvenance
{
    private const SECTIONS = [Section::Centre, Section::Front, Section::Rear];

    private const ORDER = [Pattern::Diamond, Pattern::ShortRail, Pattern::Sidesway, Pattern::Sag, Pattern::Twist];

    public function __construct(private SurveyOptions $options = new SurveyOptions) {}

    public static function provenance(): array
    {
        return [
            new Provenance(
                name: 'pull',
                title: 'How far to pull',
                formula: 'the amount of the pattern at the outermost pair, back to the reference; ± 1.96 σ',
                source: 'docs/formulas.md, Findings',
                limit: 'Steel springs back: pull past it, release, read again.',
            ),
        ];
    }

    /**
     * @param  list<Finding>  $findings
     * @param  list<ChartDoubt>  $doubts
     * @param  ?Sentence  $first  what has to be read first, where the readings can be explained in more than one way
     */
    public function plan(Frame $frame, SurveyResult $result, array $findings, array $doubts = [], ?Sentence $first = null): PullPlan
    {
        $steps = $held = [];
        $at = [];
        foreach ($result->points as $point) {
            if ($point->measured !== null) {
                $at[$point->id] = $point->measured;
            }
        }
        foreach ($this->inOrder($findings) as $finding) {
            $parts = (new PullParts($frame))->of($finding);
            $until = $this->until(finding: $finding, frame: $frame, result: $result, doubts: $doubts, first: $first);
            if ($until !== null) {
                $held[] = new HeldPull($finding->isAgreed() ? $this->say($finding, $parts) : $finding->text, $until);

                continue;
            }
            $after = $this->pulled($at, $parts);
            $steps[] = new PullStep(
                order: count($steps) + 1, pattern: $finding->pattern, section: $finding->section, points: array_merge(...array_map(fn (PullPart $part): array => $part->points, $parts)),
                amount: abs($finding->amount), expanded: $this->options->coverage * $finding->sigma, direction: $this->direction($finding, $parts), parts: $parts,
                checks: (new PullChecks($frame, $result, $this->options))->of($finding->pattern, $parts, $at, $after), text: $this->say($finding, $parts),
            );
            $at = $after;
        }

        return new PullPlan($steps, $held);
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<Finding> those that would be pulled if some way to understand the readings is right
     */
    private function inOrder(array $findings): array
    {
        $ordered = [];
        foreach (self::SECTIONS as $section) {
            foreach (self::ORDER as $pattern) {
                foreach ($findings as $finding) {
                    if ($finding->section === $section && $finding->pattern === $pattern && $finding->mayBeOut()) {
                        $ordered[] = $finding;
                    }
                }
            }
        }

        return $ordered;
    }

    /**
     * What has to be cleared up before this is pulled; null if nothing does.
     *
     * @param  list<ChartDoubt>  $doubts
     */
    private function until(Finding $finding, Frame $frame, SurveyResult $result, array $doubts, ?Sentence $first): ?Sentence
    {
        foreach ($doubts as $doubt) {
            if (array_intersect($doubt->points(), $finding->points) !== []) {
                return Sentence::of('held.chart', 'the chart of {points} is held against another source', points: implode(' and ', $doubt->points()));
            }
        }
        foreach ($this->alone($frame, $result->doubtfulBase()) as $doubtful) {
            if (in_array($doubtful->id, $finding->points, true) || count($result->choices) > 1 && ! $finding->isAgreed()) {
                return Sentence::of('held.base', 'base point {point} is held against another source', point: $doubtful->id);
            }
        }
        if (! $finding->isAgreed() || $result->beyond) {
            return $first ?? Sentence::of('held.explanations', 'the readings can be explained in one way only');
        }

        return match (true) {
            $this->options->coverage * $finding->sigma > $this->options->trusted * $finding->tolerance => Sentence::of('held.weak', 'more is read there: it is known too weakly'),
            $finding->significant && abs($finding->amount) - $finding->expanded > $finding->tolerance && ! $finding->isSurelyOut() => Sentence::of('held.unsure', 'more is read there: it is out, but a chain wants it surer than 95 times in 100'),
            ! $finding->isSurelyOut() => Sentence::of('held.close', 'more is read there: too close to the {allowed} allowed to call', allowed: Measure::given($finding->tolerance)),
            default => null,
        };
    }

    /**
     * A pair of mates that is off together is a shape of the frame, not a question about a point.
     *
     * @param  list<DoubtfulBase>  $doubtful
     * @return list<DoubtfulBase> those whose mate is not doubtful too
     */
    private function alone(Frame $frame, array $doubtful): array
    {
        $ids = array_map(fn (DoubtfulBase $one): string => $one->id, $doubtful);

        return array_values(array_filter($doubtful, fn (DoubtfulBase $one): bool => ! $one->alone || ! in_array($frame->point($one->id)->mate, $ids, true)));
    }

    /**
     * @param  array<string, Vector3>  $at
     * @param  list<PullPart>  $parts
     * @return array<string, Vector3>
     */
    private function pulled(array $at, array $parts): array
    {
        foreach ($parts as $part) {
            foreach ($part->points as $id) {
                if (isset($at[$id])) {
                    $at[$id] = $at[$id]->plus($part->way->by($part->amount));
                }
            }
        }

        return $at;
    }

    /** @param  list<PullPart>  $parts */
    private function direction(Finding $finding, array $parts): string
    {
        $right = $parts[0]->way;

        return match (true) {
            $finding->pattern === Pattern::Diamond => $right === Way::Forward ? 'the right rail forward and the left rail rearward, half each' : 'the left rail forward and the right rail rearward, half each',
            $finding->pattern === Pattern::Twist && $finding->section === Section::Centre => sprintf(
                'row %s: right side %s, left side %s; row %s: right side %s, left side %s, a quarter each',
                implode(', ', array_slice($finding->points, 0, 2)), $parts[0]->way->value, $parts[1]->way->value,
                implode(', ', array_slice($finding->points, -2)), $parts[2]->way->value, $parts[3]->way->value,
            ),
            $finding->pattern === Pattern::Twist => $right === Way::Down ? 'the right side down against the left' : 'the left side down against the right',
            $finding->pattern === Pattern::Sag && $finding->section === Section::Centre => "the middle {$right->value} against both ends",
            default => $right->words(),
        };
    }

    /** @param  list<PullPart>  $parts */
    private function say(Finding $finding, array $parts): Sentence
    {
        $points = array_merge(...array_map(fn (PullPart $part): array => $part->points, $parts));
        $where = $finding->section === Section::Centre ? 'the centre section' : 'the '.$finding->section->value;

        return Sentence::of('pull.step', 'Bring {what} {amount}: {direction}.', what: $finding->pattern === Pattern::ShortRail ? implode(' and ', $points) : "$where (".implode(', ', $points).')', amount: Measure::computed(abs($finding->amount)), direction: $this->direction($finding, $parts));
    }
}
