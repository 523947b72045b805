<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

/**
 * Parts laid on sheets by their true shape: each in turn to the lowest place, then the one furthest left, in whichever turn lies lowest; found on a raster and then
 * slid down and left as far as it goes. Several orders are tried, and the one that takes least sheets is kept.
 */
final class Nesting
{
    /** Places across a sheet that are tried. */
    private const RASTER = 90;

    /** Tries of one place over all orders: more takes too long for anybody to wait. */
    private const TRIES = 1_500_000;

    private const SLIDES = 24;

    private int $tries = 0;

    /**
     * @param  non-empty-list<array{id: string, width: float, height: float, count: ?int}>  $sheets
     * @param  list<array{id: string, piece: Piece, area: float, rotations: non-empty-list<float>}>  $parts  each one once
     */
    public function __construct(private readonly array $sheets, private readonly array $parts, private readonly float $border, private readonly float $bridge) {}

    /** @return array{placements: list<array{part: string, sheet: string, sheetNumber: int, at: array{float, float}, rotation: float}>, sheets: list<int>, unplaced: list<string>} sheets as places of their kinds, one for each that is used */
    public function laid(): array
    {
        $best = null;
        foreach (['area', 'longest', 'box'] as $by) {
            $parts = $this->parts;
            usort($parts, fn (array $a, array $b): int => $this->size($b, $by) <=> $this->size($a, $by));
            $laid = $this->inOrder($parts);
            $rank = [count($laid['unplaced']), $this->areaOf($laid['sheets']), count($laid['sheets'])];
            $best = $best === null || $rank < $best[0] ? [$rank, $laid] : $best;
            if ($laid['unplaced'] === [] && count($laid['sheets']) <= 1) {
                break;
            }
        }

        return $best[1];
    }

    /** @param  array{id: string, piece: Piece, area: float, rotations: non-empty-list<float>}  $part */
    private function size(array $part, string $by): float
    {
        [$left, $low, $right, $high] = $part['piece']->box;

        return match ($by) {
            'area' => $part['area'], 'longest' => max($right - $left, $high - $low), default => ($right - $left) * ($high - $low)
        };
    }

    /**
     * @param  list<array{id: string, piece: Piece, area: float, rotations: non-empty-list<float>}>  $parts
     * @return array{placements: list<array{part: string, sheet: string, sheetNumber: int, at: array{float, float}, rotation: float}>, sheets: list<int>, unplaced: list<string>}
     */
    private function inOrder(array $parts): array
    {
        /** @var list<array{int, int}> $open sheets and their numbers */
        $open = [];
        /** @var list<list<Piece>> $lying */
        $lying = [];
        $placements = $unplaced = [];
        $used = array_fill(0, count($this->sheets), 0);
        foreach ($parts as $part) {
            $found = null;
            foreach ($open as $k => [$s]) {
                $found = $this->place($part, $this->sheets[$s], $lying[$k]);
                if ($found !== null) {
                    $found = [$k, ...$found];
                    break;
                }
            }
            if ($found === null) {
                foreach ($this->sheets as $s => $sheet) {
                    $fresh = $used[$s] < ($sheet['count'] ?? PHP_INT_MAX) ? $this->place($part, $sheet, []) : null;
                    if ($fresh !== null) {
                        $open[] = [$s, ++$used[$s]];
                        $lying[] = [];
                        $found = [count($open) - 1, ...$fresh];
                        break;
                    }
                }
            }
            if ($found === null) {
                $unplaced[] = $part['id'];

                continue;
            }
            [$k, $piece, $at, $rotation] = $found;
            $lying[$k] = [...$lying[$k], $piece];
            $placements[] = ['part' => $part['id'], 'sheet' => $this->sheets[$open[$k][0]]['id'], 'sheetNumber' => $open[$k][1], 'at' => $at, 'rotation' => $rotation];
        }

        return ['placements' => $placements, 'sheets' => array_column($open, 0), 'unplaced' => $unplaced];
    }

    /**
     * @param  array{id: string, piece: Piece, area: float, rotations: non-empty-list<float>}  $part
     * @param  array{id: string, width: float, height: float, count: ?int}  $sheet
     * @param  list<Piece>  $lying
     * @return ?array{Piece, array{float, float}, float}
     */
    private function place(array $part, array $sheet, array $lying): ?array
    {
        $best = null;
        foreach ($part['rotations'] as $rotation) {
            $turned = $part['piece']->turned($rotation);
            [$left, $low, $right, $high] = $turned->box;
            [$x0, $x1, $y0, $y1] = [$this->border - $left, $sheet['width'] - $this->border - $right, $this->border - $low, $sheet['height'] - $this->border - $high];
            if ($x1 < $x0 - 1e-9 || $y1 < $y0 - 1e-9) {
                continue;
            }
            $at = $this->lowest($turned, $lying, max($x0, min($x0, $x1)), max($x0, $x1), $y0, max($y0, $y1));
            if ($at !== null && ($best === null || [$at[1] + $high, $at[0] + $right] < [$best[3], $best[4]])) {
                $best = [$turned->moved(...$at), $at, $rotation, $at[1] + $high, $at[0] + $right];
            }
        }

        return $best === null ? null : [$best[0], $best[1], $best[2]];
    }

    /**
     * @param  list<Piece>  $lying
     * @return ?array{float, float}
     */
    private function lowest(Piece $piece, array $lying, float $x0, float $x1, float $y0, float $y1): ?array
    {
        $step = max(1.0, max($x1 - $x0, $y1 - $y0) / self::RASTER);
        foreach ($this->heights($piece, $lying, $y0, $y1, $step) as $y) {
            for ($x = $x0; ; $x = min($x1, $x + $step)) {
                if ($this->isFree($piece, $lying, $x, $y)) {
                    return $this->slid($piece, $lying, $x, $y, $x0, $y0);
                }
                if ($x >= $x1 || $this->tries > self::TRIES) {
                    break;
                }
            }
        }

        return null;
    }

    /**
     * On the raster, and just above everything that lies there.
     *
     * @param  list<Piece>  $lying
     * @return list<float>
     */
    private function heights(Piece $piece, array $lying, float $y0, float $y1, float $step): array
    {
        $heights = [$y1];
        for ($y = $y0; $y < $y1; $y += $step) {
            $heights[] = $y;
        }
        foreach ($lying as $other) {
            $heights[] = $other->box[3] + $this->bridge - $piece->box[1];
        }
        $heights = array_values(array_unique(array_filter($heights, fn (float $y): bool => $y >= $y0 - 1e-9 && $y <= $y1 + 1e-9)));
        sort($heights);

        return $heights;
    }

    /**
     * Down, then left, then down again, as far as it goes.
     *
     * @param  list<Piece>  $lying
     * @return array{float, float}
     */
    private function slid(Piece $piece, array $lying, float $x, float $y, float $x0, float $y0): array
    {
        foreach ([[0.0, 1.0], [1.0, 0.0], [0.0, 1.0], [1.0, 0.0]] as [$dx, $dy]) {
            [$free, $barred] = [0.0, $dx > 0.0 ? $x - $x0 : $y - $y0];
            if ($this->isFree($piece, $lying, $x - $dx * $barred, $y - $dy * $barred) && $lying === []) {
                $free = $barred;
            } else {
                // No further than one step of the raster: what lies between is not jumped over.
                $barred = min($barred, max(1.0, $barred / self::RASTER));
                if ($this->isFree($piece, $lying, $x - $dx * $barred, $y - $dy * $barred)) {
                    $free = $barred;
                } else {
                    for ($i = 0; $i < self::SLIDES; $i++) {
                        $middle = ($free + $barred) / 2;
                        $this->isFree($piece, $lying, $x - $dx * $middle, $y - $dy * $middle) ? $free = $middle : $barred = $middle;
                    }
                }
            }
            [$x, $y] = [$x - $dx * $free, $y - $dy * $free];
        }

        return [$x, $y];
    }

    /** @param  list<Piece>  $lying */
    private function isFree(Piece $piece, array $lying, float $x, float $y): bool
    {
        $this->tries++;
        $there = $lying === [] ? $piece : $piece->moved($x, $y);
        foreach ($lying as $other) {
            if (! $there->isClearOf($other, $this->bridge)) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<int>  $sheets */
    private function areaOf(array $sheets): float
    {
        return array_sum(array_map(fn (int $s): float => $this->sheets[$s]['width'] * $this->sheets[$s]['height'], $sheets));
    }
}
