<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Geometry\Vector3;

/** The right-hand upright with its steering arm: turned about its pivots until the tie rod has its length. */
final readonly class SteeredUpright
{
    public function __construct(private Vector3 $upper, public Vector3 $lower, public Vector3 $outer, private ?ArmsInFront $arms) {}

    /** Steer to the right when the rack goes to the right (°); null where the rod does not reach. */
    public function steered(Vector3 $inner, float $travel): ?float
    {
        return $this->turned($this->upper, $this->lower, $this->outer, Vector3::of(-1.0, 0.0, 0.0), $inner->plus(Vector3::of(0.0, $travel, 0.0)), $inner);
    }

    /** Steer to the right when the wheel goes up and the rack stands still (°). */
    public function overBump(Vector3 $inner, float $rise): ?float
    {
        $pivots = $this->arms?->raised($rise);
        if ($pivots === null) {
            return null;
        }
        [$upper, $lower] = $pivots;
        $turn = fn (Vector3 $what): Vector3 => JointChain::turned($what, $this->upper->minus($this->lower)->unit(), $upper->minus($lower)->unit());

        return $this->turned($upper, $lower, $lower->plus($turn($this->outer->minus($this->lower))), $turn(Vector3::of(-1.0, 0.0, 0.0)), $inner, $inner);
    }

    /** About the line of the pivots, on the branch that is straight ahead at ride: A cos θ + B sin θ = C. */
    private function turned(Vector3 $upper, Vector3 $lower, Vector3 $outer, Vector3 $forward, Vector3 $inner, Vector3 $atRide): ?float
    {
        $root = $this->roots($upper, $lower, $outer, $inner, $atRide);
        if ($root === null) {
            return null;
        }
        [$middle, $half] = $root;
        $ride = $this->roots($this->upper, $this->lower, $this->outer, $atRide, $atRide);
        $branch = $ride !== null && abs(self::near($ride[0] + $ride[1])) < abs(self::near($ride[0] - $ride[1])) ? 1 : -1;
        $angle = self::near($middle + $branch * $half);
        $axis = $upper->minus($lower)->unit();
        $turned = $forward->times(cos($angle))->plus($axis->cross($forward)->times(sin($angle)))->plus($axis->times($axis->dot($forward) * (1 - cos($angle))));

        return rad2deg(atan2($turned->y, -$turned->x));
    }

    /** @return ?array{float, float} θ = middle ± half */
    private function roots(Vector3 $upper, Vector3 $lower, Vector3 $outer, Vector3 $inner, Vector3 $atRide): ?array
    {
        $axis = $upper->minus($lower)->unit();
        $arm = $outer->minus($lower);
        $along = $axis->times($axis->dot($arm));
        [$square, $side] = [$arm->minus($along), $axis->cross($arm)];
        $to = $inner->minus($lower)->minus($along);
        $rod = $this->outer->minus($atRide)->norm();
        // |along + square cos θ + side sin θ − to|² = rod²
        [$a, $b] = [$square->dot($to), $side->dot($to)];
        $c = ($square->dot($square) + $to->dot($to) - $rod ** 2) / 2;
        $reach = hypot($a, $b);

        return $reach < 1e-12 || abs($c) > $reach ? null : [atan2($b, $a), acos($c / $reach)];
    }

    private static function near(float $angle): float
    {
        return atan2(sin($angle), cos($angle));
    }
}
