<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Explanation;

/** Which of several explanations is told first. */
final readonly class Telling
{
    /** χ² of one degree of freedom at 95 %: sums nearer than this are told by likely cause. */
    private const AS_GOOD = 3.84;

    /**
     * The best fitting first; among those that fit as well as the best, those with a likely cause first.
     *
     * @param  non-empty-list<Explanation>  $explanations
     * @return non-empty-list<Explanation>
     */
    public static function inOrder(array $explanations): array
    {
        $best = min(array_map(fn (Explanation $one): float => $one->weightedSum, $explanations));
        $rank = fn (Explanation $one): array => [$one->weightedSum > $best + self::AS_GOOD ? 2 : ($one->isLikely() ? 0 : 1), $one->weightedSum];
        usort($explanations, fn (Explanation $a, Explanation $b): int => $rank($a) <=> $rank($b));

        return $explanations;
    }
}
