<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Survey\PointResult;
use Geodex\Core\Survey\ReadingStatus;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Survey\Verdict;
use Geodex\Core\Words\Sentence;

/** A crooked frame is straightened before it is cut; what is not known to be straight is not called straight. */
final readonly class FitJudge
{
    private const NAMED = 6;

    public function __construct(private SurveyOptions $options = new SurveyOptions) {}

    /**
     * @param  list<Finding>  $findings
     * @param  list<ChartDoubt>  $doubts
     */
    public function judge(Frame $frame, bool $mirrored, SurveyResult $result, array $findings, array $doubts): FitVerdict
    {
        $doubted = array_merge([], ...array_map(fn (ChartDoubt $doubt): array => $doubt->points(), $doubts));
        $out = array_map(fn (Finding $finding): Sentence => $finding->text, array_values(array_filter($findings, fn (Finding $finding): bool => $finding->significant && abs($finding->amount) - $this->options->coverage * $finding->sigma > $finding->tolerance && array_intersect($finding->points, $doubted) === [])));
        $points = $this->named($result, Verdict::Out, $doubted);
        if ($points !== []) {
            $out[] = Sentence::of('fit.out', '{count} out of tolerance: {points}.', count: count($points) === 1 ? 'One point is' : count($points).' points are', points: $this->listed($points));
        }
        $open = $this->open($frame, $result, $doubts);
        // A chart in doubt under the datum shifts everything that is laid on it.
        if ($out !== [] && array_intersect($doubted, $result->base) === []) {
            return new FitVerdict(FitState::Straighten, [...$out, ...$open]);
        }
        if ($open !== []) {
            return new FitVerdict(FitState::Undecided, $open);
        }
        $reasons = [Sentence::of('fit.in', 'Every point that was read is within its tolerance, and every reading is checked by others.')];
        if ($mirrored) {
            $reasons[] = Sentence::of('fit.mirrored', 'It was held against its own mirror image: what bent both sides alike, such as sag, does not show. Compare with a chart or a sister vehicle before cutting.');
        }

        return new FitVerdict(FitState::Fit, [...$reasons, ...$this->leftOut($result)]);
    }

    /**
     * @param  list<ChartDoubt>  $doubts
     * @return list<Sentence>
     */
    private function open(Frame $frame, SurveyResult $result, array $doubts): array
    {
        $open = array_map(fn (ChartDoubt $doubt): Sentence => Sentence::of('fit.chart', 'The chart of {points} is in doubt.', points: implode(' and ', $doubt->points())), $doubts);
        if ($result->isAmbiguous()) {
            $open[] = Sentence::of('fit.ways', 'The readings can be explained in {ways} ways: take the reading that tells them apart.', ways: ($result->beyond ? 'more than ' : '').count($result->explanations));
        }
        foreach ($result->doubtfulBase() as $doubtful) {
            $open[] = $doubtful->text();
        }
        $unread = array_values(array_map(fn (Point $point): string => $point->id, array_filter($frame->points, fn (Point $point): bool => $result->point($point->id)?->measured === null)));
        if ($unread !== []) {
            $open[] = Sentence::of('fit.unread', 'Not read yet: {points}.', points: $this->listed($unread));
        }
        $unsure = $this->named($result, Verdict::Unsure, []);
        if ($unsure !== []) {
            $open[] = Sentence::of('fit.undecided', 'Not decided: {points}.', points: $this->listed($unsure));
        }
        if (! $result->network->consistent) {
            $open[] = Sentence::of('fit.scatter', 'The readings scatter {times} times as much as their tools claim, so every interval is that much wider: take more care, or look for a frame that moved meanwhile.', times: sprintf('%.1f', $result->network->widening()));
        }
        $unchecked = count(array_filter($result->readings, fn ($reading): bool => $reading->status === ReadingStatus::Used && ! $reading->checked));
        if ($unchecked > 0) {
            $open[] = $unchecked === 1 ? Sentence::of('fit.unchecked', 'One reading is checked by no other, so a mistake in it would not show.') : Sentence::of('fit.unchecked', '{count} readings are checked by no other, so a mistake in one would not show.', count: $unchecked);
        }

        return [...$open, ...($open === [] ? [] : $this->leftOut($result))];
    }

    /** @return list<Sentence> */
    private function leftOut(SurveyResult $result): array
    {
        if ($result->isAmbiguous()) {
            return [];
        }
        $suspects = count(array_filter($result->readings, fn ($reading): bool => $reading->status === ReadingStatus::Suspect));

        return $suspects === 0 ? [] : [$suspects === 1 ? Sentence::of('fit.left-out', 'One reading that does not fit is left out; strike it or take it again.') : Sentence::of('fit.left-out', '{count} readings that do not fit are left out; strike them or take them again.', count: $suspects)];
    }

    /**
     * @param  list<string>  $except
     * @return list<string>
     */
    private function named(SurveyResult $result, Verdict $verdict, array $except): array
    {
        $points = array_filter($result->points, fn (PointResult $point): bool => $point->verdict === $verdict && ! in_array($point->id, $except, true));

        return array_values(array_map(fn (PointResult $point): string => $point->id, $points));
    }

    /** @param  list<string>  $ids */
    private function listed(array $ids): string
    {
        $more = count($ids) - self::NAMED;

        return implode(', ', array_slice($ids, 0, self::NAMED)).($more > 0 ? " and $more more" : '');
    }
}
