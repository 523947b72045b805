<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/**
 * Finds the turns that bring all corners to one height with the smallest total movement. Σ|h − hᵢ| is least at the median,
 * between the second and third height; within that the height nearest the mean is taken, and no screw passes a stop.
 */
final readonly class LevelPlanner implements HasProvenance
{
    public static function provenance(): array
    {
        return [
            new Provenance('turns', 'Turns', 'all corners to the height h that makes Σ|h − hᵢ| least, within the stops; turns = change / pitch', 'docs/formulas.md, Bench'),
        ];
    }

    /**
     * @param  array<string, float>  $extension  how far each screw stands above its lower stop (mm) by corner; half the travel where not given
     *
     * @throws UnusableBench if no height lies within the travel of all four screws
     */
    public function plan(Jig $jig, CornerHeights $heights, array $extension = []): LevelPlan
    {
        $mm = $heights->mm;
        $out = [];
        foreach (Corner::cases() as $corner) {
            $out[$corner->value] = $extension[$corner->value] ?? $jig->travel / 2;
            if ($out[$corner->value] < 0 || $out[$corner->value] > $jig->travel) {
                throw UnusableBench::beyondTravel($corner, $out[$corner->value], $jig->travel);
            }
        }
        $target = $this->target($jig, $mm, $out);
        $turns = [];
        foreach (Corner::cases() as $corner) {
            $change = $target - $heights->at($corner);
            $turns[] = new ScrewTurn(corner: $corner, height: $heights->at($corner), change: $change, turns: abs($change) / $jig->pitch, clockwise: ($change > 0) === $jig->clockwiseRaises);
        }
        [$fl, $fr, $rl, $rr] = array_values($mm);
        $spread = max($mm) - min($mm);

        return new LevelPlan(
            along: ($rl + $rr - $fl - $fr) / 2,
            across: ($fr + $rr - $fl - $rl) / 2,
            twist: ($fl + $rr - $fr - $rl) / 4,
            spread: $spread,
            level: $spread <= $jig->tolerance,
            turns: $turns,
            misclosure: $heights->misclosure,
        );
    }

    /**
     * @param  non-empty-array<string, float>  $mm
     * @param  array<string, float>  $out
     */
    private function target(Jig $jig, array $mm, array $out): float
    {
        $lowest = $highest = [];
        foreach ($mm as $corner => $height) {
            $lowest[$corner] = $height - $out[$corner];
            $highest[$corner] = $height + $jig->travel - $out[$corner];
        }
        [$floor, $ceiling] = [max($lowest), min($highest)];
        if ($floor > $ceiling) {
            throw UnusableBench::outOfReach(
                Corner::from((string) array_search($floor, $lowest, true)),
                Corner::from((string) array_search($ceiling, $highest, true)),
                $floor - $ceiling,
            );
        }
        $sorted = array_values($mm);
        sort($sorted);
        $middle = max($sorted[1], min($sorted[2], array_sum($mm) / 4));

        return max($floor, min($ceiling, $middle));
    }
}
