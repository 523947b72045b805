<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Geometry\Vector3;

/** Where a rigid axle stands: its middle, and its three axes turned. */
final readonly class AxlePose
{
    /**
     * @param  Vector3  $from  middle at ride
     * @param  Vector3  $to  middle now
     * @param  array{Vector3, Vector3, Vector3}  $axes  x, y and z of the axle
     * @param  float  $mismatch  greatest error of a constraint (mm)
     */
    public function __construct(public Vector3 $from, public Vector3 $to, public array $axes, public float $mismatch) {}

    public static function atRide(Vector3 $middle): self
    {
        return new self($middle, $middle, [Vector3::of(1.0, 0.0, 0.0), Vector3::of(0.0, 1.0, 0.0), Vector3::of(0.0, 0.0, 1.0)], 0.0);
    }

    public function place(Vector3 $atRide): Vector3
    {
        return $this->to->plus($this->turned($atRide->minus($this->from)));
    }

    public function turned(Vector3 $what): Vector3
    {
        return $this->axes[0]->times($what->x)->plus($this->axes[1]->times($what->y))->plus($this->axes[2]->times($what->z));
    }

    /** A direction of now as the axle sees it. */
    public function seen(Vector3 $what): Vector3
    {
        return Vector3::of($this->axes[0]->dot($what), $this->axes[1]->dot($what), $this->axes[2]->dot($what));
    }

    /** Moved on, and turned by a small rotation vector. */
    public function moved(Vector3 $by, Vector3 $turn): self
    {
        $angle = $turn->norm();
        if ($angle < 1e-15) {
            return new self($this->from, $this->to->plus($by), $this->axes, $this->mismatch);
        }
        $axis = $turn->times(1 / $angle);
        $spin = fn (Vector3 $what): Vector3 => $what->times(cos($angle))->plus($axis->cross($what)->times(sin($angle)))->plus($axis->times($axis->dot($what) * (1 - cos($angle))));

        return new self($this->from, $this->to->plus($by), [$spin($this->axes[0]), $spin($this->axes[1]), $spin($this->axes[2])], $this->mismatch);
    }

    public function missing(float $mismatch): self
    {
        return new self($this->from, $this->to, $this->axes, $mismatch);
    }
}
