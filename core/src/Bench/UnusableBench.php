<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

use Geodex\Core\Failure\Refusal;

/** Bench figures from which nothing can be worked out; the sentence says which and what would be right. */
final class UnusableBench extends Refusal
{
    public static function notPositive(string $what, float $mm): self
    {
        return new self('bench.not-positive', sprintf('%s is %g mm; it has to be more than zero.', $what, $mm), ['what' => $what, 'mm' => $mm]);
    }

    public static function outOfReach(Corner $high, Corner $low, float $mm): self
    {
        return new self(
            'bench.out-of-reach',
            sprintf('No height suits all four screws: %s cannot come down far enough and %s cannot go up far enough, by %.1f mm. Pack that much under %s and measure again.', $high->words(), $low->words(), $mm, $low->words()),
            ['high' => $high->value, 'low' => $low->value, 'mm' => $mm],
        );
    }

    public static function beyondTravel(Corner $corner, float $extension, float $travel): self
    {
        return new self('bench.beyond-travel', sprintf('The screw at %s is said to stand %g mm out; it can stand 0 to %g mm out.', $corner->words(), $extension, $travel), ['corner' => $corner->value]);
    }

    public static function lengthsDoNotClose(string $what): self
    {
        return new self('bench.lengths-do-not-close', "No four-cornered bench has these lengths: $what. Measure the sides and diagonals again.", []);
    }

    public static function sameStation(string $what): self
    {
        return new self('bench.same-station', "$what lie at one station; give two stations at least 100 mm apart.", []);
    }

    public static function sizeWanted(): self
    {
        return new self('bench.size-wanted', 'A spirit level on the beams reads degrees, and degrees become heights by the length and width of the bench. Enter both, or measure the corners from a level line.', []);
    }

    public static function sidesInPart(): self
    {
        return new self('bench.sides-in-part', 'Give all four sides, or none of them for a quick round from the two diagonals.', []);
    }
}
