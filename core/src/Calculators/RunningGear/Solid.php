<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;

/** A part that stands still, as a capsule (a line with a radius) or a box along the axes; mm. */
final readonly class Solid
{
    private function __construct(private bool $isBox, private Vector3 $from, private Vector3 $to, private float $radius) {}

    public static function box(Vector3 $lowest, Vector3 $highest): self
    {
        return new self(true, $lowest, $highest, 0.0);
    }

    /** @throws InvalidFields if its kind is not described */
    public static function of(Values $given, string $path): self
    {
        $isBox = $given->text('kind') === 'box';
        $asked = $isBox ? ['lowest', 'highest'] : ['from', 'radius'];
        foreach ($isBox ? ['from', 'to', 'radius'] : ['lowest', 'highest'] as $other) {
            if ($given->has($other)) {
                throw InvalidFields::at("$path.$other", $isBox ? 'is not of a box.' : 'is not of a capsule.');
            }
        }
        foreach ($asked as $name) {
            if (! $given->has($name)) {
                throw InvalidFields::at("$path.$name", $isBox ? 'missing: a box has its lowest and its highest corner.' : 'missing: a capsule has a line and a radius.');
            }
        }
        $from = $given->place($isBox ? 'lowest' : 'from') ?? throw InvalidFields::at($path, 'missing.');
        $to = $given->place($isBox ? 'highest' : 'to') ?? $from;
        if ($isBox && ($to->x < $from->x || $to->y < $from->y || $to->z < $from->z)) {
            throw InvalidFields::at("$path.highest", 'lies below the lowest corner.');
        }

        return new self($isBox, $from, $to, $given->optional('radius') ?? 0.0);
    }

    /** @return array{float, array{array{float, float, float}, array{float, float, float}}} gap to a moving capsule, and the nearest points of both lines */
    public function gap(Vector3 $from, Vector3 $to, float $radius): array
    {
        [$mine, $its] = $this->isBox ? $this->nearestOnBox($from, $to) : $this->nearestOnLine($from, $to);

        return [$mine->minus($its)->norm() - $radius - $this->radius, [$its->toArray(), $mine->toArray()]];
    }

    /**
     * Closest points of two segments (Ericson, Real-Time Collision Detection, 5.1.9).
     *
     * @return array{Vector3, Vector3} on this, on the other
     */
    private function nearestOnLine(Vector3 $from, Vector3 $to): array
    {
        [$d1, $d2, $r] = [$this->to->minus($this->from), $to->minus($from), $this->from->minus($from)];
        [$a, $e, $f] = [$d1->dot($d1), $d2->dot($d2), $d2->dot($r)];
        $clamp = fn (float $one): float => max(0.0, min(1.0, $one));
        if ($a < 1e-18 && $e < 1e-18) {
            return [$this->from, $from];
        }
        if ($a < 1e-18) {
            return [$this->from, $from->plus($d2->times($clamp($f / $e)))];
        }
        $c = $d1->dot($r);
        if ($e < 1e-18) {
            return [$this->from->plus($d1->times($clamp(-$c / $a))), $from];
        }
        $b = $d1->dot($d2);
        $square = $a * $e - $b ** 2;
        $s = $square > 1e-12 * $a * $e ? $clamp(($b * $f - $c * $e) / $square) : 0.0;
        $t = ($b * $s + $f) / $e;
        if ($t < 0.0) {
            [$t, $s] = [0.0, $clamp(-$c / $a)];
        } elseif ($t > 1.0) {
            [$t, $s] = [1.0, $clamp(($b - $c) / $a)];
        }

        return [$this->from->plus($d1->times($s)), $from->plus($d2->times($t))];
    }

    /**
     * The distance of a point to a box is convex along a line: found by parting.
     *
     * @return array{Vector3, Vector3} on the box, on the line
     */
    private function nearestOnBox(Vector3 $from, Vector3 $to): array
    {
        $at = fn (float $share): Vector3 => $from->plus($to->minus($from)->times($share));
        $off = function (float $share) use ($at): float {
            $gap = $this->onBox($at($share))->minus($at($share));

            return $gap->dot($gap);
        };
        [$low, $high] = [0.0, 1.0];
        for ($i = 0; $i < 120; $i++) {
            [$a, $b] = [$low + ($high - $low) / 3, $high - ($high - $low) / 3];
            $off($a) <= $off($b) ? $high = $b : $low = $a;
        }
        $best = 0.0;
        foreach ([1.0, ($low + $high) / 2] as $one) {
            $best = $off($one) < $off($best) ? $one : $best;
        }

        return [$this->onBox($at($best)), $at($best)];
    }

    private function onBox(Vector3 $point): Vector3
    {
        return Vector3::of(max($this->from->x, min($this->to->x, $point->x)), max($this->from->y, min($this->to->y, $point->y)), max($this->from->z, min($this->to->z, $point->z)));
    }
}
