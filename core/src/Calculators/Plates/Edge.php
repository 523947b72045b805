<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

/** One edge of a contour: straight, or an arc of at most half a circle; mm. */
final readonly class Edge
{
    /** Points nearer than this are one; mm. */
    public const NEAR = 1e-7;

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  float  $bulge  tangent of a quarter of the turn of the arc, anticlockwise plus; 0 is straight
     * @param  array{float, float}  $centre  of an arc
     * @param  array{float, float, float, float}  $box  that it lies in: left, low, right, high
     */
    private function __construct(public array $from, public array $to, public float $bulge, public array $centre, public float $radius, public array $box) {}

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    public static function between(array $from, array $to, float $bulge = 0.0): self
    {
        $box = [min($from[0], $to[0]), min($from[1], $to[1]), max($from[0], $to[0]), max($from[1], $to[1])];
        if (abs($bulge) < 1e-12) {
            return new self($from, $to, 0.0, $from, INF, $box);
        }
        [$dx, $dy] = [$to[0] - $from[0], $to[1] - $from[1]];
        [$aside, $chord] = [(1 - $bulge ** 2) / (4 * $bulge), hypot($dx, $dy)];
        // An arc of at most half a circle lies within its chord widened by its rise.
        $rise = abs($bulge) * $chord / 2;

        return new self($from, $to, $bulge, [($from[0] + $to[0]) / 2 - $aside * $dy, ($from[1] + $to[1]) / 2 + $aside * $dx], $chord * (1 + $bulge ** 2) / (4 * abs($bulge)), [$box[0] - $rise, $box[1] - $rise, $box[2] + $rise, $box[3] + $rise]);
    }

    public function isArc(): bool
    {
        return $this->bulge !== 0.0;
    }

    /** Radians, anticlockwise plus. */
    public function sweep(): float
    {
        return 4 * atan($this->bulge);
    }

    public function length(): float
    {
        return $this->isArc() ? $this->radius * abs($this->sweep()) : hypot($this->to[0] - $this->from[0], $this->to[1] - $this->from[1]);
    }

    /** @return array{float, float} that share of its length along */
    public function at(float $share): array
    {
        if (! $this->isArc()) {
            return [$this->from[0] + $share * ($this->to[0] - $this->from[0]), $this->from[1] + $share * ($this->to[1] - $this->from[1])];
        }
        [$cos, $sin] = [cos($share * $this->sweep()), sin($share * $this->sweep())];
        [$x, $y] = [$this->from[0] - $this->centre[0], $this->from[1] - $this->centre[1]];

        return [$this->centre[0] + $x * $cos - $y * $sin, $this->centre[1] + $x * $sin + $y * $cos];
    }

    /** @return array{float, float} unit vector along it */
    public function along(float $share): array
    {
        [$x, $y] = $this->isArc() ? $this->at($share) : [0.0, 0.0];
        [$dx, $dy] = match (true) {
            ! $this->isArc() => [$this->to[0] - $this->from[0], $this->to[1] - $this->from[1]],
            $this->bulge > 0.0 => [$this->centre[1] - $y, $x - $this->centre[0]],
            default => [$y - $this->centre[1], $this->centre[0] - $x],
        };
        $long = hypot($dx, $dy);

        return [$dx / $long, $dy / $long];
    }

    public function reversed(): self
    {
        return self::between($this->to, $this->from, -$this->bulge);
    }

    /** Moved to its left; null where an arc has no radius left. */
    public function moved(float $left): ?self
    {
        if (! $this->isArc()) {
            [$dx, $dy] = $this->along(0.0);

            return self::between([$this->from[0] - $left * $dy, $this->from[1] + $left * $dx], [$this->to[0] - $left * $dy, $this->to[1] + $left * $dx]);
        }
        $share = 1 - ($this->bulge > 0.0 ? $left : -$left) / $this->radius;

        return $share * $this->radius < self::NEAR ? null : self::between($this->outward($this->from, $share), $this->outward($this->to, $share), $this->bulge);
    }

    /**
     * @param  array{float, float}  $point
     * @return array{float, float} as many times as far from the centre
     */
    private function outward(array $point, float $share): array
    {
        return [$this->centre[0] + $share * ($point[0] - $this->centre[0]), $this->centre[1] + $share * ($point[1] - $this->centre[1])];
    }

    /**
     * Where along it the nearest place to a point lies, as a share of its length.
     *
     * @param  array{float, float}  $point
     */
    public function shareOf(array $point): float
    {
        if (! $this->isArc()) {
            [$dx, $dy] = [$this->to[0] - $this->from[0], $this->to[1] - $this->from[1]];
            $square = $dx ** 2 + $dy ** 2;

            return $square < 1e-30 ? 0.0 : max(0.0, min(1.0, (($point[0] - $this->from[0]) * $dx + ($point[1] - $this->from[1]) * $dy) / $square));
        }
        $turn = atan2($point[1] - $this->centre[1], $point[0] - $this->centre[0]) - atan2($this->from[1] - $this->centre[1], $this->from[0] - $this->centre[0]);
        $share = fmod(($this->bulge > 0.0 ? $turn : -$turn) + 4 * M_PI, 2 * M_PI) / abs($this->sweep());
        if ($share <= 1.0) {
            return $share;
        }

        return hypot($point[0] - $this->from[0], $point[1] - $this->from[1]) <= hypot($point[0] - $this->to[0], $point[1] - $this->to[1]) ? 0.0 : 1.0;
    }

    /** @param  array{float, float}  $point */
    public function distance(array $point): float
    {
        [$x, $y] = $this->at($this->shareOf($point));

        return hypot($point[0] - $x, $point[1] - $y);
    }

    /**
     * Whether a point lies between an arc and its chord: then the arc goes round it where the chord does not.
     *
     * @param  array{float, float}  $point
     */
    public function bellies(array $point): bool
    {
        return $this->isArc() && hypot($point[0] - $this->centre[0], $point[1] - $this->centre[1]) < $this->radius && Piece::side($this->from, $this->to, $point) * $this->bulge < 0.0;
    }

    /** The part of it between two places. */
    public function part(float $from, float $to): self
    {
        return self::between($from <= 0.0 ? $this->from : $this->at($from), $to >= 1.0 ? $this->to : $this->at($to), $this->isArc() ? tan(($to - $from) * $this->sweep() / 4) : 0.0);
    }

    /** Both together, where they are one line or one arc. */
    public function joined(self $next): ?self
    {
        [$ax, $ay] = $this->along(1.0);
        [$bx, $by] = $next->along(0.0);
        if ($this->isArc() !== $next->isArc() || abs($ax * $by - $ay * $bx) > 1e-7 || $ax * $bx + $ay * $by < 0.0) {
            return null;
        }
        if (! $this->isArc()) {
            return self::between($this->from, $next->to);
        }
        $sweep = $this->sweep() + $next->sweep();

        return $this->bulge * $next->bulge > 0.0 && abs($this->radius - $next->radius) < 1e-6 && abs($sweep) <= M_PI ? self::between($this->from, $next->to, tan($sweep / 4)) : null;
    }
}
