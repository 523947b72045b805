<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Holds;

use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/** What one coordinate of a point did from one survey to the next; mm. A stage is blamed only for what is more than both surveys are unsure of. */
final readonly class StageMovement implements HasProvenance
{
    private const COVERAGE = 1.96;

    private function __construct(public string $stage, public float $moved, public float $expanded, public bool $isSignificant) {}

    public static function provenance(): array
    {
        return [new Provenance('stage-movement', 'Movement by stage', 'dₖ − dₖ₋₁ ± 1.96 √(σₖ² + σₖ₋₁²)', 'Variances of independent surveys add up; the parts add up to the whole exactly, their uncertainties do not.')];
    }

    /**
     * @param  array<string, array{float, float}>  $surveys  in order: what it is off, and one sigma, in one datum
     * @return list<self> from each to the next
     */
    public static function split(array $surveys): array
    {
        $moved = [];
        $names = array_map(strval(...), array_keys($surveys));
        for ($k = 1; $k < count($names); $k++) {
            $moved[] = self::between($names[$k], $surveys[$names[$k - 1]], $surveys[$names[$k]]);
        }

        return $moved;
    }

    /**
     * @param  array<string, array{float, float}>  $surveys
     * @return ?self from the first to the last; null where there are not two
     */
    public static function whole(array $surveys): ?self
    {
        $all = array_values($surveys);

        return count($all) < 2 ? null : self::between('whole', $all[0], $all[count($all) - 1]);
    }

    /**
     * @param  array{float, float}  $before
     * @param  array{float, float}  $after
     */
    private static function between(string $stage, array $before, array $after): self
    {
        [$moved, $expanded] = [$after[0] - $before[0], self::COVERAGE * hypot($before[1], $after[1])];

        return new self($stage, $moved, $expanded, abs($moved) > $expanded);
    }
}
