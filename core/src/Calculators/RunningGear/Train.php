<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;

/** A driveline as it was measured: axes by a level, or joints by their places. The axle turns about the crossways axis, nose up positive. */
final readonly class Train
{
    /**
     * @param  list<bool>  $isCross  of the joints
     * @param  list<float>  $phases  of the shafts (°)
     * @param  list<Vector3>  $axes  of the shafts, where no places are given
     * @param  list<Vector3>  $places  of the joints
     */
    private function __construct(private int $way, private Vector3 $input, private Vector3 $output, private array $isCross, private array $phases, private array $axes, private array $places, private ?Vector3 $axle) {}

    /** @throws InvalidFields if it does not go together */
    public static function of(Values $given): self
    {
        $way = $given->text('runs') === 'forward' ? -1 : 1;
        [$joints, $shafts] = [$given->list('joints'), $given->list('shafts')];
        if (count($shafts) !== count($joints) - 1) {
            throw InvalidFields::at('shafts', sprintf('%d joints have %d shafts between them.', count($joints), count($joints) - 1));
        }
        $places = array_values(array_filter(array_map(fn (Values $joint): ?Vector3 => $joint->place('position'), $joints)));
        if ($places !== [] && count($places) !== count($joints)) {
            throw InvalidFields::at('joints', 'places are given for all joints, or for none.');
        }
        if ($given->has('axleCentre') && $places === []) {
            throw InvalidFields::at('axleCentre', 'wants the places of the joints.');
        }
        $axes = [];
        foreach ($shafts as $k => $shaft) {
            if ($places !== [] && ($shaft->has('fall') || $shaft->has('right'))) {
                throw InvalidFields::at("shafts[$k].fall", 'follows from the places of the joints.');
            }
            if ($places === [] && ! $shaft->has('fall')) {
                throw InvalidFields::at("shafts[$k].fall", 'missing: how far the shaft falls, or places for the joints.');
            }
            $axes[] = $places === [] ? ShaftAxis::at($shaft->number('fall'), $shaft->optional('right') ?? 0.0, $way) : ShaftAxis::between($places[$k], $places[$k + 1], $way, 'joints['.($k + 1).'].position');
        }

        return new self($way, ShaftAxis::of($given->within('input'), $way), ShaftAxis::of($given->within('output'), $way), array_map(fn (Values $joint): bool => $joint->text('kind') === 'cardan', $joints), array_map(fn (Values $shaft): float => $shaft->number('phase'), $shafts), $axes, $places, $given->place('axleCentre'));
    }

    public function endsInCross(): bool
    {
        return $this->isCross[count($this->isCross) - 1];
    }

    public function turned(float $wrap): TurnedTrain
    {
        $chain = new JointChain([$this->input, ...$this->axes($wrap), self::nose($this->output, $wrap)]);

        return new TurnedTrain($chain, $chain->unevenness($this->isCross, $this->phases));
    }

    /** @return list<array{float, float, ?float}> fall, run to the right (°) and length of each shaft */
    public function shafts(float $wrap): array
    {
        return array_map(fn (int $k, Vector3 $axis): array => [...ShaftAxis::told($axis, $this->way), $this->places === [] ? null : $this->places[$k + 1]->minus($this->places[$k])->norm()], array_keys($this->axes), $this->axes($wrap));
    }

    /** Turned about +y: a nose in front rises. */
    public static function nose(Vector3 $what, float $degrees): Vector3
    {
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];

        return Vector3::of($what->x * $cos + $what->z * $sin, $what->y, -$what->x * $sin + $what->z * $cos);
    }

    /** @return list<Vector3> */
    private function axes(float $wrap): array
    {
        if ($this->axle === null || $wrap === 0.0) {
            return $this->axes;
        }
        $last = count($this->places) - 1;
        $moved = $this->axle->plus(self::nose($this->places[$last]->minus($this->axle), $wrap));

        return [...array_slice($this->axes, 0, $last - 1), ShaftAxis::between($this->places[$last - 1], $moved, $this->way, "joints[$last].position")];
    }
}
