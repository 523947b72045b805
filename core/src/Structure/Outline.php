<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/**
 * The outline of an area as a polygon, y to the right and z up (mm). Arcs are chords short enough to be exact for this trade.
 * Integrals by Green's theorem; methods of the plan, section 2.
 */
final readonly class Outline
{
    /** Chords of a quarter circle. */
    private const CHORDS = 180;

    /** @param  list<array{float, float}>  $corners  y, z; either way round */
    private function __construct(public array $corners) {}

    /** @param  list<array{float, float}>  $corners */
    public static function of(array $corners): self
    {
        return new self($corners);
    }

    /**
     * A rectangle by its middle, width and thickness, its width turned from y towards z.
     *
     * @param  float  $angle  degrees
     */
    public static function rectangle(float $y, float $z, float $width, float $thickness, float $angle = 0.0): self
    {
        [$c, $s] = [cos(deg2rad($angle)), sin(deg2rad($angle))];
        $at = fn (float $u, float $v): array => [$y + $u * $c - $v * $s, $z + $u * $s + $v * $c];

        return new self([$at(-$width / 2, -$thickness / 2), $at($width / 2, -$thickness / 2), $at($width / 2, $thickness / 2), $at(-$width / 2, $thickness / 2)]);
    }

    public static function circle(float $diameter): self
    {
        $corners = [];
        for ($i = 0, $n = 4 * self::CHORDS; $i < $n; $i++) {
            $corners[] = [$diameter / 2 * cos(2 * M_PI * $i / $n), $diameter / 2 * sin(2 * M_PI * $i / $n)];
        }

        return new self($corners);
    }

    /**
     * Corners, each rounded by an arc that touches both of its sides.
     *
     * @param  list<array{float, float, float}>  $corners  y, z and radius
     */
    public static function rounded(array $corners): self
    {
        $n = count($corners);
        $points = [];
        foreach ($corners as $i => [$y, $z, $radius]) {
            [$py, $pz] = $corners[($i + $n - 1) % $n];
            [$qy, $qz] = $corners[($i + 1) % $n];
            if ($radius <= 0.0) {
                $points[] = [$y, $z];

                continue;
            }
            [$in, $out] = [atan2($pz - $z, $py - $y), atan2($qz - $z, $qy - $y)];
            $between = fmod($out - $in + 3 * M_PI, 2 * M_PI) - M_PI;
            $reach = $radius / sin(abs($between) / 2);
            $middle = $in + $between / 2;
            [$cy, $cz] = [$y + $reach * cos($middle), $z + $reach * sin($middle)];
            // The arc runs from the foot on one side to the foot on the other, the short way.
            [$from, $to] = [$in - ($between > 0 ? M_PI / 2 : -M_PI / 2), $out + ($between > 0 ? M_PI / 2 : -M_PI / 2)];
            $sweep = fmod($to - $from + 3 * M_PI, 2 * M_PI) - M_PI;
            $chords = max(1, (int) ceil(self::CHORDS * abs($sweep) / (M_PI / 2)));
            for ($k = 0; $k <= $chords; $k++) {
                $points[] = [$cy + $radius * cos($from + $sweep * $k / $chords), $cz + $radius * sin($from + $sweep * $k / $chords)];
            }
        }

        return new self($points);
    }

    /** Mirrored about the upright axis. */
    public function mirrored(): self
    {
        return new self(array_map(fn (array $corner): array => [-$corner[0], $corner[1]], $this->corners));
    }

    /** @return array{float, float, float, float, float, float} A, ∫y, ∫z, ∫y², ∫z², ∫yz (mm² to mm⁴), A positive */
    public function integrals(): array
    {
        $sums = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($this->corners as $i => [$y0, $z0]) {
            [$y1, $z1] = $this->corners[($i + 1) % count($this->corners)];
            $c = $y0 * $z1 - $y1 * $z0;
            $sums[0] += $c / 2;
            $sums[1] += ($y0 + $y1) * $c / 6;
            $sums[2] += ($z0 + $z1) * $c / 6;
            $sums[3] += ($y0 * $y0 + $y0 * $y1 + $y1 * $y1) * $c / 12;
            $sums[4] += ($z0 * $z0 + $z0 * $z1 + $z1 * $z1) * $c / 12;
            $sums[5] += ($y0 * $z1 + 2 * $y0 * $z0 + 2 * $y1 * $z1 + $y1 * $z0) * $c / 24;
        }
        $sign = $sums[0] < 0 ? -1 : 1;

        return [$sign * $sums[0], $sign * $sums[1], $sign * $sums[2], $sign * $sums[3], $sign * $sums[4], $sign * $sums[5]];
    }

    /** What of it lies above a level. */
    public function above(float $level): self
    {
        $kept = [];
        foreach ($this->corners as $i => [$y0, $z0]) {
            [$y1, $z1] = $this->corners[($i + 1) % count($this->corners)];
            if ($z0 >= $level) {
                $kept[] = [$y0, $z0];
            }
            if (($z0 >= $level) !== ($z1 >= $level)) {
                $kept[] = [$y0 + ($y1 - $y0) * ($level - $z0) / ($z1 - $z0), $level];
            }
        }

        return new self($kept);
    }

    public function contains(float $y, float $z): bool
    {
        $inside = false;
        foreach ($this->corners as $i => [$y0, $z0]) {
            [$y1, $z1] = $this->corners[($i + 1) % count($this->corners)];
            if (($z0 > $z) !== ($z1 > $z) && $y < $y0 + ($y1 - $y0) * ($z - $z0) / ($z1 - $z0)) {
                $inside = ! $inside;
            }
        }

        return $inside;
    }

    /** @return array{float, float} lowest and highest (mm) */
    public function height(): array
    {
        $z = array_map(fn (array $corner): float => $corner[1], $this->corners);

        return $z === [] ? [INF, -INF] : [min($z), max($z)];
    }
}
