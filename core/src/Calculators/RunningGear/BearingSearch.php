<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;

/** Every height of a centre bearing with every fall of a pinion: limits first, then what is left, then the least change. */
final readonly class BearingSearch
{
    private const MOST_LAYOUTS = 200_000;

    private const SLACK = 1e-9;

    /** @param  list<float>  $wraps */
    private function __construct(
        private Values $given, private Vector3 $front, private Vector3 $pinion, private Vector3 $input, private float $bearingX, private float $bearingY, private array $wraps,
        private TrainLimits $limits, private float $turn, private ?TubeShaft $tube,
    ) {}

    /** @throws InvalidFields if there is nothing to try, or too much */
    public static function of(Values $given): self
    {
        [$front, $pinion] = [$given->place('frontJoint') ?? throw InvalidFields::at('frontJoint', 'missing.'), $given->place('pinionJoint') ?? throw InvalidFields::at('pinionJoint', 'missing.')];
        ShaftAxis::between($front, $pinion, 1, 'pinionJoint');
        $bearing = $given->within('bearing');
        $x = $bearing->number('x');
        if ($x <= $front->x || $x + $bearing->number('overhang') >= $pinion->x) {
            throw InvalidFields::at('bearing.x', 'lies between the joints.');
        }
        foreach (['bearing', 'pinion'] as $group) {
            if ($given->within($group)->number('highest') < $given->within($group)->number('lowest')) {
                throw InvalidFields::at("$group.highest", 'is below the lowest.');
            }
        }
        $tube = $given->group('tube');
        $search = new self(
            $given, $front, $pinion, ShaftAxis::of($given->within('input'), 1), $x, $bearing->optional('y') ?? $front->y + ($pinion->y - $front->y) * ($x - $front->x) / ($pinion->x - $front->x),
            $given->has('wrap') ? $given->numbers('wrap') : [0.0, 1.0, 2.0, 3.0], TrainLimits::of($given->group('limits')), 2 * M_PI * $given->number('speed') / 60,
            $tube === null ? null : new TubeShaft($tube->number('outer'), $tube->number('wall'), path: 'tube.wall'),
        );
        if (count($search->steps('bearing')) * count($search->steps('pinion')) > self::MOST_LAYOUTS) {
            throw InvalidFields::at('bearing.step', 'makes more than 200 000 layouts to try: larger steps, or a narrower range.');
        }

        return $search;
    }

    /** @return array{float, float} height of the bearing (mm) and fall of the pinion (°) */
    public function best(): array
    {
        [$bearing, $pinion, $present] = [$this->given->within('bearing'), $this->given->within('pinion'), $this->given->group('present')];
        $school = $pinion->text('school');
        [$nearZ, $nearFall] = [$present?->number('z') ?? ($bearing->number('lowest') + $bearing->number('highest')) / 2, $present?->number('fall') ?? ($pinion->number('lowest') + $pinion->number('highest')) / 2];
        $best = null;
        $try = function (float $z, float $fall, ?BearingLayout $layout) use (&$best, $nearZ, $nearFall): void {
            $layout ??= $this->layout($z);
            [$excess, $residual] = $layout->judged($fall);
            $key = [round($excess, 6), round($residual, 4), round(abs($fall - $nearFall), 9), round(abs($z - $nearZ), 9), $fall, $z];
            $best = $best === null || $key < $best[0] ? [$key, $z, $fall] : $best;
        };
        if ($present !== null) {
            $try($present->number('z'), $present->number('fall'), null);
        }
        $falls = $this->steps('pinion');
        foreach ($this->steps('bearing') as $z) {
            $layout = $this->layout($z);
            foreach ($falls as $fall) {
                if ($school === 'any' || ($school === 'parallel' ? $fall <= $layout->rearFall : $fall >= $layout->rearFall)) {
                    $try($z, $fall, $layout);
                }
            }
        }

        return $best === null ? throw InvalidFields::at('pinion.school', 'no layout of that kind lies within these ranges.') : [$best[1], $best[2]];
    }

    /** @return array<string, mixed> */
    public function told(float $z, float $fall): array
    {
        $layout = $this->layout($z);
        [$excess, $residual] = $layout->judged($fall);
        $torque = $this->given->optional('torque');
        $chain = $layout->chain($fall, 0.0);

        return [
            'bearing' => $layout->bearing->toArray(), 'joint' => $layout->joint->toArray(), 'pinionFall' => $fall, 'couplingFall' => $layout->couplingFall, 'rearFall' => $layout->rearFall, 'lengths' => $layout->lengths, 'angles' => array_map(rad2deg(...), $chain->angles),
            'excess' => $excess, 'residual' => $residual, 'wrap' => $layout->wound($fall), 'state' => $excess <= 1e-6 ? 'in' : 'over', 'criticalSpeeds' => $this->tube === null ? null : array_map(fn (float $length): float => $this->tube->criticalSpeed($length), $layout->lengths),
            'bearingForce' => $torque === null ? null : $torque * tan($chain->angles[1]) / ($layout->bearing->minus($this->front)->norm() / 1000),
        ];
    }

    /** @return array{length: float, angle: float, criticalSpeed: ?float, state: string} */
    public function onePiece(): array
    {
        $along = $this->pinion->minus($this->front);
        $critical = $this->tube?->criticalSpeed($along->norm());

        return [
            'length' => $along->norm(), 'angle' => rad2deg(atan2($this->input->cross($along->unit())->norm(), $this->input->dot($along->unit()))), 'criticalSpeed' => $critical,
            'state' => $critical === null ? 'not given' : Limit::over($this->given->number('speed'), $this->limits->margin * $critical),
        ];
    }

    private function layout(float $z): BearingLayout
    {
        $bearing = Vector3::of($this->bearingX, $this->bearingY, $z);
        $joint = $bearing->plus($bearing->minus($this->front)->unit()->times($this->given->within('bearing')->number('overhang')));

        return new BearingLayout(
            front: $this->front, bearing: $bearing, joint: $joint, pinion: $this->pinion, input: $this->input, right: $this->given->within('pinion')->number('right'),
            phases: $this->given->has('phases') ? $this->given->numbers('phases') : [0.0, 0.0], wraps: $this->wraps, limits: $this->limits, turn: $this->turn, speed: $this->given->number('speed'), tube: $this->tube,
        );
    }

    /** @return non-empty-list<float> */
    private function steps(string $group): array
    {
        $of = $this->given->within($group);
        $many = (int) floor(($of->number('highest') - $of->number('lowest')) / $of->number('step') + self::SLACK);
        if ($many > self::MOST_LAYOUTS) {
            throw InvalidFields::at("$group.step", 'makes more than 200 000 layouts to try: larger steps, or a narrower range.');
        }

        return array_map(fn (int $i): float => $of->number('lowest') + $i * $of->number('step'), range(0, $many));
    }
}
