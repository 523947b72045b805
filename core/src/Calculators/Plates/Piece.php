<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

/** A part as it lies on a sheet: its outline turned and moved; mm. */
final readonly class Piece
{
    /**
     * @param  list<array{float, float}>  $corners
     * @param  array{float, float, float, float}  $box  left, low, right, high
     */
    private function __construct(public array $corners, public array $box) {}

    /** @param  list<array{float, float}>  $corners */
    public static function of(array $corners): self
    {
        [$xs, $ys] = [array_column($corners, 0), array_column($corners, 1)];

        return new self($corners, [min([INF, ...$xs]), min([INF, ...$ys]), max([-INF, ...$xs]), max([-INF, ...$ys])]);
    }

    /** Turned anticlockwise about the outline's own origin. */
    public function turned(float $degrees): self
    {
        // Quarter turns stay exact.
        [$cos, $sin] = fmod($degrees, 90.0) === 0.0 ? [[1.0, 0.0], [0.0, 1.0], [-1.0, 0.0], [0.0, -1.0]][((int) round($degrees / 90.0) % 4 + 4) % 4] : [cos(deg2rad($degrees)), sin(deg2rad($degrees))];

        return self::of(array_map(fn (array $one): array => [$one[0] * $cos - $one[1] * $sin, $one[0] * $sin + $one[1] * $cos], $this->corners));
    }

    public function moved(float $x, float $y): self
    {
        return new self(array_map(fn (array $one): array => [$one[0] + $x, $one[1] + $y], $this->corners), [$this->box[0] + $x, $this->box[1] + $y, $this->box[2] + $x, $this->box[3] + $y]);
    }

    /** Whether it stays that far from another. */
    public function isClearOf(self $other, float $gap): bool
    {
        if ($this->box[0] >= $other->box[2] + $gap || $other->box[0] >= $this->box[2] + $gap || $this->box[1] >= $other->box[3] + $gap || $other->box[1] >= $this->box[3] + $gap) {
            return true;
        }
        foreach ($this->edges() as [$a, $b]) {
            foreach ($other->edges() as [$c, $d]) {
                if (self::near($a, $b, $c, $d, $gap)) {
                    return false;
                }
            }
        }

        return ! $this->holds($other->corners[0]) && ! $other->holds($this->corners[0]);
    }

    /** @return list<array{array{float, float}, array{float, float}}> */
    private function edges(): array
    {
        $edges = [];
        foreach ($this->corners as $i => $corner) {
            $edges[] = [$corner, $this->corners[($i + 1) % count($this->corners)]];
        }

        return $edges;
    }

    /** @param  array{float, float}  $point */
    private function holds(array $point): bool
    {
        $isInside = false;
        foreach ($this->edges() as [[$ax, $ay], [$bx, $by]]) {
            if (($ay > $point[1]) !== ($by > $point[1]) && $point[0] < ($bx - $ax) * ($point[1] - $ay) / ($by - $ay) + $ax) {
                $isInside = ! $isInside;
            }
        }

        return $isInside;
    }

    /**
     * Whether two edges come nearer than that.
     *
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     * @param  array{float, float}  $d
     */
    private static function near(array $a, array $b, array $c, array $d, float $gap): bool
    {
        if (min($a[0], $b[0]) >= max($c[0], $d[0]) + $gap || min($c[0], $d[0]) >= max($a[0], $b[0]) + $gap || min($a[1], $b[1]) >= max($c[1], $d[1]) + $gap || min($c[1], $d[1]) >= max($a[1], $b[1]) + $gap) {
            return false;
        }
        $least = $gap - 1e-9;
        if (self::side($a, $b, $c) * self::side($a, $b, $d) < 0.0 && self::side($c, $d, $a) * self::side($c, $d, $b) < 0.0) {
            return true;
        }

        return min(self::distance($a, $c, $d), self::distance($b, $c, $d), self::distance($c, $a, $b), self::distance($d, $a, $b)) < $least;
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $p
     */
    public static function side(array $a, array $b, array $p): float
    {
        return ($b[0] - $a[0]) * ($p[1] - $a[1]) - ($b[1] - $a[1]) * ($p[0] - $a[0]);
    }

    /**
     * @param  array{float, float}  $p
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     */
    public static function distance(array $p, array $a, array $b): float
    {
        [$dx, $dy] = [$b[0] - $a[0], $b[1] - $a[1]];
        $square = $dx ** 2 + $dy ** 2;
        $t = $square < 1e-18 ? 0.0 : max(0.0, min(1.0, (($p[0] - $a[0]) * $dx + ($p[1] - $a[1]) * $dy) / $square));

        return hypot($p[0] - $a[0] - $t * $dx, $p[1] - $a[1] - $t * $dy);
    }
}
