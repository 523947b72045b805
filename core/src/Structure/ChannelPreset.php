<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** A channel, with lips or without; its origin at the back of the web, half-way up. */
final readonly class ChannelPreset implements Preset
{
    public function __construct(public float $depth, public float $width, public float $thickness, public float $insideRadius, public ?float $lip, public bool $opensLeft) {}

    public static function kind(): string
    {
        return 'channel';
    }

    public function outlines(): array
    {
        [$h, $b, $t, $r, $c] = [$this->depth / 2, $this->width, $this->thickness, $this->insideRadius, $this->lip];
        $out = $r > 0.0 ? $r + $t : 0.0;
        $corners = $c === null
            ? [[0.0, -$h, $out], [$b, -$h, 0.0], [$b, -$h + $t, 0.0], [$t, -$h + $t, $r], [$t, $h - $t, $r], [$b, $h - $t, 0.0], [$b, $h, 0.0], [0.0, $h, $out]]
            : [
                [0.0, -$h, $out], [$b, -$h, $out], [$b, -$h + $c, 0.0], [$b - $t, -$h + $c, 0.0], [$b - $t, -$h + $t, $r], [$t, -$h + $t, $r],
                [$t, $h - $t, $r], [$b - $t, $h - $t, $r], [$b - $t, $h - $c, 0.0], [$b, $h - $c, 0.0], [$b, $h, $out], [0.0, $h, $out],
            ];
        $outline = Outline::rounded($corners);

        return [[$this->opensLeft ? $outline->mirrored() : $outline, 1]];
    }

    /** Young and Budynas, Roark's Formulas: mid-line lengths, less what a rounded corner is shorter. */
    public function openConstant(): float
    {
        [$h, $b, $t] = [$this->depth, $this->width, $this->thickness];
        $corner = $this->insideRadius > 0.0 ? (2 - M_PI / 2) * ($this->insideRadius + $t / 2) : 0.0;
        $length = $this->lip === null
            ? ($h - $t) + 2 * ($b - $t / 2) - 2 * $corner
            : ($h - $t) + 2 * ($b - $t) + 2 * ($this->lip - $t / 2) - 4 * $corner;

        return $length * $t ** 3 / 3;
    }

    public function cell(): ?Cell
    {
        return null;
    }

    /**
     * With a plate over its tips or between its flanges, corners sharp.
     *
     * @param  float  $at  |y| of the plate's middle (mm)
     */
    public function closedBy(float $at, float $thickness): Cell
    {
        [$a, $c] = $this->box($at);

        return new Cell($a * $c, $c / $this->thickness + $c / $thickness + 2 * $a / $this->thickness, min($this->thickness, $thickness));
    }

    public function thickestWall(): float
    {
        return $this->thickness;
    }

    /** Outside the web's mid-line by e; Roark, shear centres: thin walls, sharp corners. */
    public function shearCentre(): array
    {
        $h = $this->depth - $this->thickness;
        [$b, $c] = $this->lip === null ? [$this->width - $this->thickness / 2, 0.0] : [$this->width - $this->thickness, $this->lip - $this->thickness / 2];
        $e = $b * (3 * $h ** 2 * $b + 6 * $h ** 2 * $c - 8 * $c ** 3) / ($h ** 3 + 6 * $h ** 2 * $b + 6 * $h ** 2 * $c + 8 * $c ** 3 - 12 * $h * $c ** 2);

        return $this->fromMidline(-$e);
    }

    /**
     * With the plate: zero twist round the cell (Bredt), towards the plate.
     *
     * @return array{y: float, z: float, fromWebMidline: float}
     */
    public function shearCentreClosedBy(float $at, float $thickness): array
    {
        [$a, $h] = $this->box($at);
        [$t, $p] = [$this->thickness, $thickness];
        $inertia = ($t + $p) * $h ** 3 / 12 + $a * $t * $h ** 2 / 2;
        $web = $t * $h ** 3 / 24;
        $flange = $t * $h ** 2 * $a / 8 + $t * $h * $a ** 2 / 4;
        $plate = ($t * $h ** 2 / 8 + $t * $a * $h / 2) * $h + $p * $h ** 3 / 12;
        $flow = ($web / $t + 2 * $flange / $t + $plate / $p) / ($h / $t + 2 * $a / $t + $h / $p);

        return $this->fromMidline(($a * ($plate - $flow * $h) + $h * ($flange - $flow * $a)) / $inertia);
    }

    /** @return array{float, float} mid-line from web to plate, and from flange to flange (mm) */
    private function box(float $at): array
    {
        return [$at - $this->thickness / 2, $this->depth - $this->thickness];
    }

    /** @return array{y: float, z: float, fromWebMidline: float} */
    private function fromMidline(float $towardsOpening): array
    {
        return ['y' => ($this->opensLeft ? -1 : 1) * ($this->thickness / 2 + $towardsOpening), 'z' => 0.0, 'fromWebMidline' => $towardsOpening];
    }
}
