<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Geometry\Vector3;

/** Two shafts over a centre bearing at one height, judged for any fall of the pinion: all that does not depend on the pinion is worked out once. */
final readonly class BearingLayout
{
    public float $couplingFall;

    public float $rearFall;

    /** @var array{float, float} mm */
    public array $lengths;

    private Vector3 $coupling;

    private Vector3 $rear;

    /** Direction that azimuths at the last joint are counted from, and the one square to it. */
    private Vector3 $zero;

    private Vector3 $quarter;

    /** @var array{array{float, float}, array{float, float}} unevenness of the first two joints */
    private array $first;

    private float $clock;

    /** What the first two joints and the tubes are over their limits by, whatever the pinion does. */
    private float $fixedExcess;

    /**
     * @param  list<float>  $phases
     * @param  list<float>  $wraps
     */
    public function __construct(
        Vector3 $front, public Vector3 $bearing, public Vector3 $joint, Vector3 $pinion, private Vector3 $input, private float $right, array $phases, private array $wraps, private TrainLimits $limits, private float $turn, float $speed, ?TubeShaft $tube,
    ) {
        $this->coupling = ShaftAxis::between($front, $joint, 1, 'bearing.x');
        $this->rear = ShaftAxis::between($joint, $pinion, 1, 'pinionJoint');
        [$this->couplingFall, $this->rearFall] = [ShaftAxis::told($this->coupling, 1)[0], ShaftAxis::told($this->rear, 1)[0]];
        $this->lengths = [$joint->minus($front)->norm(), $pinion->minus($joint)->norm()];
        $chain = new JointChain([$input, $this->coupling, $this->rear]);
        [$one, $two] = $chain->unevenness([true, true], $phases);
        $this->first = [$one, $two];
        $this->clock = M_PI + deg2rad($phases[0] + $phases[1]);
        $this->zero = JointChain::turned(JointChain::turned(JointChain::square($input), $input, $this->coupling), $this->coupling, $this->rear);
        $this->quarter = $this->rear->cross($this->zero);
        $excess = 0.0;
        foreach ($chain->angles as $angle) {
            $excess = max($excess, $turn ** 2 * $angle ** 2 / $limits->shaft - 1, $this->still($angle));
        }
        if ($tube !== null) {
            foreach ($this->lengths as $length) {
                $excess = max($excess, $speed / ($limits->margin * $tube->criticalSpeed($length)) - 1);
            }
        }
        $this->fixedExcess = max($excess, $turn ** 2 * hypot(...$one) / $limits->shaft - 1);
    }

    /** @return array{float, float} share over its limits, and the greatest residual of all wraps (°) */
    public function judged(float $fall): array
    {
        [$excess, $most] = [$this->fixedExcess, 0.0];
        $square = $this->turn ** 2;
        foreach ($this->wraps as $wrap) {
            [$left, $coast, $before, $angle] = $this->at($fall, $wrap);
            $excess = max($excess, $square * $left / $this->limits->train - 1, $square * max($before, $coast, $angle ** 2) / $this->limits->shaft - 1);
            $most = max($most, $left);
        }
        $angle = $this->at($fall, 0.0)[3];

        return [max($excess, $this->still($angle)), rad2deg(sqrt($most))];
    }

    /** @return list<array{wrap: float, residual: float, acceleration: float, worst: float}> */
    public function wound(float $fall): array
    {
        return array_map(function (float $wrap) use ($fall): array {
            [$left, $coast, $before] = $this->at($fall, $wrap);

            return ['wrap' => $wrap, 'residual' => rad2deg(sqrt($left)), 'acceleration' => $this->turn ** 2 * $left, 'worst' => $this->turn ** 2 * max($before, $coast, hypot(...$this->first[0]))];
        }, $this->wraps);
    }

    public function chain(float $fall, float $wrap): JointChain
    {
        return new JointChain([$this->input, $this->coupling, $this->rear, $this->pinionAxis($fall, $wrap)]);
    }

    /**
     * What is left of the train, the greater of both coasts, what drives the rear shaft (radians squared), and the angle of the last joint (radians).
     *
     * @return array{float, float, float, float}
     */
    private function at(float $fall, float $wrap): array
    {
        $axis = $this->pinionAxis($fall, $wrap);
        $normal = $this->rear->cross($axis);
        $angle = atan2($normal->norm(), $this->rear->dot($axis));
        $turned = 2 * (atan2($normal->dot($this->quarter), $normal->dot($this->zero)) - $this->clock);
        [$c, $s] = [$angle ** 2 * cos($turned), $angle ** 2 * sin($turned)];
        [[$c1, $s1], [$c2, $s2]] = $this->first;

        return [hypot($c1 + $c2 + $c, $s1 + $s2 + $s), max(hypot($c2 + $c, $s2 + $s), hypot($c, $s)), hypot($c1 + $c2, $s1 + $s2), $angle];
    }

    private function pinionAxis(float $fall, float $wrap): Vector3
    {
        return Train::nose(ShaftAxis::at($fall, $this->right, 1), $wrap);
    }

    private function still(float $angle): float
    {
        return $this->limits->least <= 0.0 ? 0.0 : ($this->limits->least - rad2deg($angle)) / $this->limits->least;
    }
}
