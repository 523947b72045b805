<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

use Geodex\Core\Geometry\Vector3;

/** Pieces in an order in which their heat stays balanced about a centre, and not on top of the last (methods of the run sheet, section 4). */
final readonly class HeatBalance
{
    private const EQUAL = 1e-6;

    public function __construct(private Vector3 $centre, private float $apart, private float $weight) {}

    /**
     * @param  list<WeldPiece>  $pieces  as listed
     * @return array{list<WeldPiece>, int} in order, and how often none was far enough from the last
     */
    public function order(array $pieces): array
    {
        $groups = array_values(array_unique(array_map(fn (WeldPiece $one): string => $one->group, $pieces)));
        $order = [];
        $moment = Vector3::of(0.0, 0.0, 0.0);
        $near = 0;
        foreach ($groups as $group) {
            $left = array_values(array_filter($pieces, fn (WeldPiece $one): bool => $one->group === $group));
            while ($left !== []) {
                $last = $order === [] ? null : $order[count($order) - 1];
                [$may, $isNear] = $last === null ? [$left, false] : $this->far($left, $last);
                $near += $isNear ? 1 : 0;
                $next = $this->least($may, $moment, $last);
                $moment = $moment->plus($this->momentOf($next));
                $order[] = $next;
                $left = array_values(array_filter($left, fn (WeldPiece $one): bool => $one !== $next));
            }
        }

        return [$order, $near];
    }

    /**
     * @param  list<WeldPiece>  $order
     * @return array{greatest: array{x: float, y: float, z: float}, final: array{x: float, y: float, z: float}} kJ·mm
     */
    public function along(array $order): array
    {
        $moment = Vector3::of(0.0, 0.0, 0.0);
        $greatest = [0.0, 0.0, 0.0];
        foreach ($order as $piece) {
            $moment = $moment->plus($this->momentOf($piece));
            $greatest = [max($greatest[0], abs($moment->x)), max($greatest[1], abs($moment->y)), max($greatest[2], abs($moment->z))];
        }

        return ['greatest' => ['x' => $greatest[0], 'y' => $greatest[1], 'z' => $greatest[2]], 'final' => ['x' => $moment->x, 'y' => $moment->y, 'z' => $moment->z]];
    }

    private function momentOf(WeldPiece $piece): Vector3
    {
        return $piece->middle->minus($this->centre)->times($piece->heat);
    }

    /**
     * @param  non-empty-list<WeldPiece>  $left
     * @return array{non-empty-list<WeldPiece>, bool} those far enough from the last, or else the farthest
     */
    private function far(array $left, WeldPiece $last): array
    {
        $away = fn (WeldPiece $one): float => $one->middle->minus($last->middle)->norm();
        $far = array_values(array_filter($left, fn (WeldPiece $one): bool => $away($one) >= $this->apart - self::EQUAL));
        if ($far !== []) {
            return [$far, false];
        }
        $farthest = max(array_map($away, $left));
        $kept = array_values(array_filter($left, fn (WeldPiece $one): bool => $away($one) >= $farthest - self::EQUAL));

        return [$kept === [] ? $left : $kept, true];
    }

    /** @param  non-empty-list<WeldPiece>  $may */
    private function least(array $may, Vector3 $moment, ?WeldPiece $last): WeldPiece
    {
        $best = null;
        foreach ($may as $piece) {
            $then = $moment->plus($this->momentOf($piece));
            $size = $this->weight * abs($then->x) + abs($then->y) + abs($then->z);
            $away = $last === null ? 0.0 : $piece->middle->minus($last->middle)->norm();
            if ($best === null || $size < $best[1] - self::EQUAL || (abs($size - $best[1]) <= self::EQUAL && $away > $best[2] + self::EQUAL)) {
                $best = [$piece, $size, $away];
            }
        }

        return $best[0];
    }
}
