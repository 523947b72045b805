<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

/** How high each corner of the bench stands against one level plane (mm, up is positive). */
final readonly class CornerHeights
{
    /**
     * @param  non-empty-array<string, float>  $mm  by corner
     * @param  float  $misclosure  by how much the readings contradict each other round the bench (mm), 0 where they cannot
     */
    private function __construct(public array $mm, public float $misclosure) {}

    /** Measured up from a level plane below. */
    public static function above(float $frontLeft, float $frontRight, float $rearLeft, float $rearRight): self
    {
        return new self(self::byCorner($frontLeft, $frontRight, $rearLeft, $rearRight), 0.0);
    }

    /** Measured down from a laser line or the water in a tube: the larger reading is the lower corner. */
    public static function below(float $frontLeft, float $frontRight, float $rearLeft, float $rearRight): self
    {
        return self::above(-$frontLeft, -$frontRight, -$rearLeft, -$rearRight);
    }

    /**
     * A level laid on the four beams, degrees: across, right side high is positive; along, rear high is positive. Four rises close a loop.
     * A level is as unsure on a long beam as on a short one, so its rise is unsure by the length, and what is left over is shared by the
     * square of the lengths: their least-squares adjustment (Ghilani, Adjustment Computations, chapter 12).
     *
     * @throws UnusableBench if the bench has no size
     */
    public static function slopes(Jig $jig, float $front, float $rear, float $left, float $right): self
    {
        [$length, $width] = $jig->size();
        [$f, $r] = [$width * tan(deg2rad($front)), $width * tan(deg2rad($rear))];
        [$l, $s] = [$length * tan(deg2rad($left)), $length * tan(deg2rad($right))];
        $misclosure = $f + $s - $r - $l;
        $all = 2 * ($width ** 2 + $length ** 2);
        $frontRight = $f - $misclosure * $width ** 2 / $all;
        $rearLeft = $l + $misclosure * $length ** 2 / $all;

        return new self(self::byCorner(0.0, $frontRight, $rearLeft, $frontRight + $s - $misclosure * $length ** 2 / $all), $misclosure);
    }

    /** Height at a corner (mm). */
    public function at(Corner $corner): float
    {
        return $this->mm[$corner->value];
    }

    /** @return non-empty-array<string, float> */
    private static function byCorner(float $frontLeft, float $frontRight, float $rearLeft, float $rearRight): array
    {
        return [
            Corner::FrontLeft->value => $frontLeft,
            Corner::FrontRight->value => $frontRight,
            Corner::RearLeft->value => $rearLeft,
            Corner::RearRight->value => $rearRight,
        ];
    }
}
