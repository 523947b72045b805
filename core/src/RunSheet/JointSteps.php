<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

use Geodex\Core\RunSheet\Holds\Hold;

/** The steps of one cut of a plan: cut, edges, spread, tack, root, fill, coat, close; measured at the spread, the tack, the root and cold. */
final readonly class JointSteps
{
    /**
     * @param  list<PlannedPart>  $parts  of this joint
     * @param  float  $tolerance  of the witness marks at the end, mm
     * @param  list<string>  $out  ids of steps that take out what the heat would reach
     * @return list<Step>
     */
    public static function of(PlannedCut $cut, array $parts, float $tolerance, array $out): array
    {
        [$joint, $title] = [$cut->operation, $cut->title];
        $cavity = ["inside of the rail, $joint"];
        $needs = array_map(fn (PlannedPart $part): string => "part-$part->id", $parts);
        $closing = array_values(array_filter($parts, fn (PlannedPart $part): bool => $part->closes));

        return [
            new Step("$joint-cut", 'Mark, scribe the witness marks at '.round($cut->before, 1)." mm, and cut: $title", 'cut', $joint, 'posts', 45.0, ['posts']),
            new Step("$joint-edges", "Grind the edges: $title", 'prepare', $joint, 'posts', 30.0),
            ...($cut->hasInsert ? [new Step("$joint-spread", "Spread the halves to the guide of the page Cut: $title", 'prepare', $joint, 'posts', 20.0, ["$joint-edges"], new Hold('Corners across the gap as the page Cut guides, all within its tolerance'))] : []),
            new Step("$joint-tack", ($cut->hasInsert ? 'Fit the insert and tack all that mates: ' : 'Close up and tack all that mates: ').$title, 'tack', $joint, 'posts', 40.0, [...$needs, ...$out], self::marks($cut, 'tack', 1.0, $tolerance)),
            new Step("$joint-root", "Root, left and right in turn: $title", 'weld', $joint, 'posts', 40.0, hold: self::marks($cut, 'root', 0.5, $tolerance)),
            new Step("$joint-weld", "Fill and plates, by the weld sequence: $title", 'weld', $joint, 'posts', 60.0, ["$joint-root"], new Hold("Cold to the hand, then witness marks, $title", $cut->after, $tolerance, 'cold', 0.0, 0.0, ways: ['marks'])),
            new Step("$joint-coat", "Coat, inside too: $title", 'coat', $joint, minutes: 30.0, inside: $cavity),
            ...($closing === [] ? [] : [new Step("$joint-close", "Close the rail, tack and weld the plate on: $title", 'close', $joint, 'posts', 40.0, closes: $cavity)]),
        ];
    }

    /** Where nothing is known of the shrinkage, only a part of the tolerance may be used up before it has happened. */
    private static function marks(PlannedCut $cut, string $stage, float $share, float $tolerance): Hold
    {
        return new Hold("Witness marks, both rails, $cut->title", $cut->after, $tolerance, $stage, $cut->book === null ? null : -$share * $cut->book->mean, $cut->book === null ? null : $share * $cut->book->sigma, $cut->book->cases ?? 0, ['marks']);
    }
}
