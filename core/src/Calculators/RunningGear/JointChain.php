<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Geometry\Vector3;

/**
 * Axes from a gearbox to an axle: the angle of each joint in space, and the azimuth of its plane about the axis before it, from a direction
 * that is carried from shaft to shaft by the smallest rotation (Universal Joints and Driveshafts, chapter 1).
 */
final readonly class JointChain
{
    /** @var list<float> radians */
    public array $angles;

    /** @var list<float> radians */
    public array $azimuths;

    /** @param  list<Vector3>  $axes  unit vectors, one more than joints */
    public function __construct(array $axes)
    {
        $angles = $azimuths = [];
        $carried = self::square($axes[0]);
        for ($j = 1; $j < count($axes); $j++) {
            [$u, $v] = [$axes[$j - 1], $axes[$j]];
            $normal = $u->cross($v);
            $angles[] = atan2($normal->norm(), $u->dot($v));
            $azimuths[] = atan2($carried->cross($normal)->dot($u), $carried->dot($normal));
            $carried = self::turned($carried, $u, $v);
        }
        $this->angles = $angles;
        $this->azimuths = $azimuths;
    }

    /**
     * c of each joint: β² e^{2i(φ − ψ)}, from the unevenness of cross joints; the clock of others passes straight through.
     *
     * @param  list<bool>  $isCross
     * @param  list<float>  $phases  of the shafts between them (°)
     * @return list<array{float, float}> real and imaginary part
     */
    public function unevenness(array $isCross, array $phases): array
    {
        $clock = 0.0;
        $all = [];
        foreach ($this->angles as $j => $angle) {
            $turn = 2 * ($this->azimuths[$j] - $clock);
            $all[] = $isCross[$j] ? [$angle ** 2 * cos($turn), $angle ** 2 * sin($turn)] : [0.0, 0.0];
            $clock += ($isCross[$j] ? M_PI_2 : 0.0) + deg2rad($phases[$j] ?? 0.0);
        }

        return $all;
    }

    /** A direction square to an axis: the vehicle's upright as nearly as may be. */
    public static function square(Vector3 $axis): Vector3
    {
        $up = abs($axis->z) < 0.9 ? Vector3::of(0.0, 0.0, 1.0) : Vector3::of(1.0, 0.0, 0.0);

        return $up->minus($axis->times($up->dot($axis)))->unit();
    }

    /** A direction turned by the smallest rotation that brings one axis onto another. */
    public static function turned(Vector3 $what, Vector3 $from, Vector3 $to): Vector3
    {
        $normal = $from->cross($to);
        $cos = $from->dot($to);

        // Rodrigues with the rotation's own sine and cosine; (1 − cos)/sin² = 1/(1 + cos).
        return $what->times($cos)->plus($normal->cross($what))->plus($normal->times($normal->dot($what) / (1 + $cos)));
    }
}
