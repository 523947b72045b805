<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;

/** Reads the deviations together: which section is out of shape in which way. docs/formulas.md, "Findings". */
final readonly class FindingsReader
{
    /** A pattern surer than this (mm) is one that the reference is blind to. */
    private const BLIND_MM = 1e-6;

    public function __construct(private SurveyOptions $options = new SurveyOptions) {}

    /** @return list<Finding> every pattern that the pairs allow, significant or not */
    public function read(Frame $frame, SurveyResult $result): array
    {
        $pairs = (new PairCollector)->collect($frame, $result);
        $stations = [];
        foreach ($frame->points as $point) {
            if ($point->base && $point->reference !== null) {
                $stations[] = $point->reference->x;
            }
        }
        if ($pairs === [] || $stations === []) {
            return [];
        }
        $front = array_values(array_filter($pairs, fn (Pair $pair): bool => $pair->station < min($stations) - 1e-6));
        $rear = array_values(array_filter($pairs, fn (Pair $pair): bool => $pair->station > max($stations) + 1e-6));
        $centre = array_values(array_filter($pairs, fn (Pair $pair): bool => $pair->station >= min($stations) - 1e-6 && $pair->station <= max($stations) + 1e-6));
        $findings = [];
        if ($front !== []) {
            array_push($findings, ...$this->end(section: Section::Front, outermost: $front[0], boundary: $centre[0] ?? null, inward: 1, result: $result));
        }
        if ($rear !== []) {
            array_push($findings, ...$this->end(
                section: Section::Rear,
                outermost: $rear[count($rear) - 1],
                boundary: $centre === [] ? null : $centre[count($centre) - 1],
                inward: -1,
                result: $result,
            ));
        }
        foreach ((new CentreSection)->amounts($centre) as [$pattern, $amount]) {
            $findings[] = $this->finding(pattern: $pattern, section: Section::Centre, side: null, amount: $amount, pairs: $centre, result: $result);
        }

        // What the reference cannot show at all, such as sag against a mirror image, is not said to be absent.
        return array_values(array_filter($findings, fn (Finding $finding): bool => $finding->sigma > self::BLIND_MM));
    }

    /**
     * @param  int  $inward  +1 where rearward is towards the centre, −1 where forward is
     * @return list<Finding>
     */
    private function end(Section $section, Pair $outermost, ?Pair $boundary, int $inward, SurveyResult $result): array
    {
        $findings = [
            $this->finding(pattern: Pattern::Sidesway, section: $section, side: null, amount: $outermost->mean(1), pairs: [$outermost], result: $result),
            $this->finding(pattern: Pattern::Sag, section: $section, side: null, amount: $outermost->mean(2), pairs: [$outermost], result: $result),
            $this->finding(
                pattern: Pattern::ShortRail,
                section: $section,
                side: 'left',
                amount: (new LinearAmount)->with($outermost->leftColumn, $outermost->leftOff->x, $inward),
                pairs: [$outermost],
                result: $result,
            ),
            $this->finding(
                pattern: Pattern::ShortRail,
                section: $section,
                side: 'right',
                amount: (new LinearAmount)->with($outermost->rightColumn, $outermost->rightOff->x, $inward),
                pairs: [$outermost],
                result: $result,
            ),
        ];
        if ($boundary !== null) {
            $twist = $outermost->roll()->plus($boundary->roll(), -1.0)->times($outermost->width);
            $findings[] = $this->finding(pattern: Pattern::Twist, section: $section, side: null, amount: $twist, pairs: [$outermost, $boundary], result: $result);
        }

        return $findings;
    }

    /** @param  list<Pair>  $pairs */
    private function finding(Pattern $pattern, Section $section, ?string $side, LinearAmount $amount, array $pairs, SurveyResult $result): Finding
    {
        $sigma = $result->covariance->sigma($amount->weights);
        $expanded = $this->options->coverage * $sigma;
        $others = $this->others($amount, $sigma, $pairs, $result);
        // Only where every way to understand the readings shows it, on the same side.
        $significant = array_filter([[$amount->value, $expanded], ...$others], fn (array $one): bool => abs($one[0]) <= $one[1] || ($one[0] > 0) !== ($amount->value > 0)) === [];
        $tolerance = max([0.0, ...array_map(fn (Pair $pair): float => $pair->tolerance, $pairs)]);
        $points = [];
        foreach ($pairs as $pair) {
            array_push($points, $pair->left, $pair->right);
        }
        $text = (new FindingSentence)->say($pattern, $section, $side, $amount->value, $expanded, $significant, $tolerance, array_column($others, 0));

        return new Finding(
            pattern: $pattern,
            section: $section,
            side: $side,
            amount: $amount->value,
            sigma: $sigma,
            significant: $significant,
            text: $text,
            points: $points,
            tolerance: $tolerance,
            others: $others,
            expanded: $expanded,
        );
    }

    /**
     * The amount under every other way to understand the readings; its interval is wider by as much as that of the coordinates it rests on.
     *
     * @param  list<Pair>  $pairs
     * @return list<array{float, float}> amount and half the 95 % interval (mm)
     */
    private function others(LinearAmount $amount, float $sigma, array $pairs, SurveyResult $result): array
    {
        $places = [];
        foreach ($pairs as $pair) {
            $places[$pair->leftColumn] = [$pair->left, $pair->leftChart];
            $places[$pair->rightColumn] = [$pair->right, $pair->rightChart];
        }
        $others = [];
        foreach ($result->alternatives as $other) {
            $value = 0.0;
            $wider = 1.0;
            foreach ($amount->weights as $column => $weight) {
                $axis = $column % 3;
                [$id, $chart] = $places[$column - $axis];
                $value += $weight * (($other->chart[$id] ?? $chart)->toArray()[$axis] - $chart->toArray()[$axis]);
                $wider = max($wider, $other->variances[$column] / max(1e-12, $result->covariance->matrix[$column][$column]));
            }
            $others[] = [$value, $this->options->coverage * $sigma * sqrt(min(1e4, $wider))];
        }

        return $others;
    }
}
