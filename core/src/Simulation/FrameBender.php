<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\Section;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Side;
use Geodex\Core\Geometry\Vector3;

/** Bends a frame: each damage reaches its amount at the outermost row of its section and dies away towards the centre. */
final readonly class FrameBender
{
    /** A bent end curves: half way out it is a quarter off. */
    private const CURVE = 2.0;

    /**
     * @param  list<Damage>  $damages
     * @param  ?RandomSource  $scatter  what every hole of a sound frame is off, null for none
     */
    public function bend(Frame $frame, array $damages, ?RandomSource $scatter = null, float $scatterMm = 0.3): SimulatedFrame
    {
        $stations = $base = $truth = [];
        foreach ($frame->points as $point) {
            $at = $point->reference ?? Vector3::of(0, 0, 0);
            $stations[] = $at->x;
            $base[] = $point->base ? $at->x : null;
            $truth[$point->id] = $scatter === null ? $at : $at->plus(Vector3::of($scatter->normal($scatterMm), $scatter->normal($scatterMm), $scatter->normal($scatterMm)));
        }
        $base = array_filter($base, fn (?float $x): bool => $x !== null);
        $ends = [min($stations ?: [0.0]), min($base ?: [0.0]), max($base ?: [0.0]), max($stations ?: [0.0])];
        foreach ($damages as $damage) {
            foreach ($frame->points as $point) {
                $truth[$point->id] = $truth[$point->id]->plus($this->shift($damage, $point->side, $point->reference ?? Vector3::of(0, 0, 0), $ends));
            }
        }

        return new SimulatedFrame($frame, $truth, $damages);
    }

    /** @param  array{float, float, float, float}  $ends  stations of the front, the first and last base row, the rear */
    private function shift(Damage $damage, Side $side, Vector3 $at, array $ends): Vector3
    {
        [$front, $first, $last, $rear] = $ends;
        $out = match ($damage->section) {
            Section::Front => $at->x < $first ? ($first - $at->x) / ($first - $front) : 0.0,
            Section::Rear => $at->x > $last ? ($at->x - $last) / ($rear - $last) : 0.0,
            Section::Centre => 1.0,
        };
        $curved = $out ** self::CURVE * $damage->amount;
        $hand = match ($side) {
            Side::Left => -0.5,
            Side::Right => 0.5,
            Side::Centre => 0.0,
        };

        return match ($damage->pattern) {
            Pattern::Sidesway => Vector3::of(0, $curved, 0),
            Pattern::Sag => Vector3::of(0, 0, $damage->section === Section::Centre ? $damage->amount * (1 - (2 * ($at->x - $first) / max(1.0, $last - $first) - 1) ** 2) : $curved),
            Pattern::ShortRail => Vector3::of($side->value === $damage->side ? $curved * ($damage->section === Section::Front ? 1 : -1) : 0.0, 0, 0),
            Pattern::Twist => $damage->section === Section::Centre
                ? Vector3::of(0, 0, $hand * $damage->amount * (max($first, min($last, $at->x)) - $first) / max(1.0, $last - $first))
                : Vector3::of(0, 0, $hand * $curved),
            Pattern::Diamond => Vector3::of($hand * $damage->amount, 0, 0),
        };
    }
}
