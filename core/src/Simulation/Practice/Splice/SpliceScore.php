<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation\Practice\Splice;

use Geodex\Core\Calculators\RunSheet\WeldPiece;
use Geodex\Core\RunSheet\Welds\SequenceSchool;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** How a splice went: 30 points for the order, 30 for the hold points, 20 for the sequence, 20 for what came of it. */
final readonly class SpliceScore
{
    private const FOR_ORDER = 30.0;

    private const FOR_HOLDS = 30.0;

    private const FOR_SEQUENCE = 20.0;

    private const FOR_RESULT = 20.0;

    /** A slip in order or at a hold point costs this share of its points. */
    private const SLIP = 0.25;

    /** A piece on a place that is too warm costs this share of the sequence. */
    private const HOT = 0.1;

    /** Witness marks at the end, and twist on the posts (mm). */
    private const WITHIN = 2.0;

    /**
     * @param  int  $points  of 100
     * @param  list<array{right: bool, text: Sentence}>  $lines
     */
    private function __construct(public int $points, public array $lines) {}

    public static function of(SpliceExercise $exercise, SpliceBench $bench): self
    {
        [$order, $orderLines] = self::order($exercise, $bench);
        [$holds, $holdLines] = self::holds($exercise, $bench);
        [$sequence, $sequenceLine] = self::sequence($exercise, $bench);
        [$result, $resultLines] = self::result($bench);

        return new self((int) round(self::FOR_ORDER * $order + self::FOR_HOLDS * $holds + self::FOR_SEQUENCE * $sequence + self::FOR_RESULT * $result), [...$orderLines, ...$holdLines, $sequenceLine, ...$resultLines]);
    }

    /** @return array{float, list<array{right: bool, text: Sentence}>} */
    private static function order(SpliceExercise $exercise, SpliceBench $bench): array
    {
        $left = count($exercise->steps) - count($bench->done);
        $lines = array_map(fn (string $id): array => ['right' => false, 'text' => Sentence::of('splice-score.early', '“{step}” was done before something that comes first.', step: $exercise->step($id)->title ?? $id)], $bench->early);
        $lines[] = ['right' => $left === 0, 'text' => $left === 0 ? Sentence::plain('splice-score.all', 'Every step was done.') : Sentence::of('splice-score.left', '{left} steps were left undone.', left: $left)];

        return [max(0.0, 1 - self::SLIP * count($bench->early)) * count($bench->done) / count($exercise->steps), $lines];
    }

    /** @return array{float, list<array{right: bool, text: Sentence}>} */
    private static function holds(SpliceExercise $exercise, SpliceBench $bench): array
    {
        $measured = ['posts', 'op1-tack', 'op1-root', 'op1-weld'];
        $reached = array_values(array_filter($measured, fn (string $id): bool => isset($bench->done[$id])));
        $lines = [];
        foreach ($reached as $id) {
            $right = ! in_array($id, $bench->passed, true);
            $lines[] = ['right' => $right, 'text' => Sentence::of('splice-score.hold', $right ? 'At “{step}” you went on when what you read let you.' : 'At “{step}” you went on unread, or against what you read.', step: $exercise->step($id)->title ?? $id)];
        }

        return [max(0.0, count($reached) / count($measured) - self::SLIP * count($bench->passed)), $lines];
    }

    /** @return array{float, array{right: bool, text: Sentence}} against one edge after the other, and against the rule */
    private static function sequence(SpliceExercise $exercise, SpliceBench $bench): array
    {
        $all = count($bench->welded) === count($exercise->pieces);
        [$listed, $rule] = [self::worst($exercise, $exercise->pieces), self::worst($exercise, SequenceSchool::Balanced->order($exercise->pieces, $exercise->centre()))];
        $mine = self::worst($exercise, $bench->welded);
        $share = ! $all ? 0.0 : max(0.0, min(1.0, ($listed - $mine) / max(1.0, $listed - $rule)));

        if ($all && $bench->hot > 0) {
            return [$share * max(0.0, 1 - self::HOT * $bench->hot), ['right' => false, 'text' => Sentence::of('splice-score.hot', '{many} pieces of the root were laid where it was over {limit} °C: wait, or go where it is cool.', many: $bench->hot, limit: (string) (int) RootHeat::LIMIT)]];
        }

        return [$share, ['right' => $share >= 0.7, 'text' => $all
            ? Sentence::of('splice-score.sequence', 'Your order of the root let the heat run out of balance by {mine} kJ·mm; one edge after the other {listed}, by the rule {rule}.', mine: (string) (int) round($mine), listed: (string) (int) round($listed), rule: (string) (int) round($rule))
            : Sentence::of('splice-score.pieces', 'Only {many} of {all} pieces of the root were welded.', many: count($bench->welded), all: count($exercise->pieces))]];
    }

    /**
     * How far sideways and up and down the heat comes out of balance on the way, kJ·mm.
     *
     * @param  list<WeldPiece>  $order
     */
    private static function worst(SpliceExercise $exercise, array $order): float
    {
        $greatest = SequenceSchool::balance($exercise->centre())->along($order)['greatest'];

        return hypot($greatest['y'], $greatest['z']);
    }

    /** @return array{float, list<array{right: bool, text: Sentence}>} */
    private static function result(SpliceBench $bench): array
    {
        $isWelded = isset($bench->done['op1-weld']);
        [$off, $twist] = [$bench->ends(), $bench->twist];
        $isLong = $isWelded && abs($off) <= self::WITHIN;
        $isStraight = isset($bench->done['posts']) && abs($twist) <= self::WITHIN;

        return [($isLong ? 0.6 : 0.0) + ($isStraight ? 0.4 : 0.0), [
            ['right' => $isLong, 'text' => $isWelded ? Sentence::of('splice-score.length', 'Cold, it is {size} too {way}.', size: Measure::computed(abs($off)), way: $off > 0.0 ? 'long' : 'short') : Sentence::plain('splice-score.unwelded', 'It was not welded to the end.')],
            ['right' => $isStraight, 'text' => Sentence::of('splice-score.twist', 'The posts were left with a twist of {size}.', size: Measure::computed(abs($twist)))],
        ]];
    }
}
