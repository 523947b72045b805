<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;

/** A driveshaft whose rear joint goes with the axle. */
final readonly class AxleShaft
{
    private function __construct(private Vector3 $front, private Vector3 $pinion, private Vector3 $input, private Vector3 $output) {}

    /** @throws InvalidFields if its joints stand on each other */
    public static function of(?Values $given): ?self
    {
        if ($given === null) {
            return null;
        }
        [$front, $pinion] = [$given->place('frontJoint') ?? throw InvalidFields::at('driveline.frontJoint', 'missing.'), $given->place('pinionJoint') ?? throw InvalidFields::at('driveline.pinionJoint', 'missing.')];
        $way = $pinion->x >= $front->x ? 1 : -1;
        ShaftAxis::between($front, $pinion, $way, 'driveline.pinionJoint');

        return new self($front, $pinion, ShaftAxis::of($given->within('input'), $way), ShaftAxis::of($given->within('output'), $way));
    }

    /** @return array{length: float, slip: float, angles: array{float, float}} */
    public function at(AxlePose $pose): array
    {
        $along = $pose->place($this->pinion)->minus($this->front);
        $angle = fn (Vector3 $one, Vector3 $other): float => rad2deg(atan2($one->cross($other)->norm(), $one->dot($other)));

        return ['length' => $along->norm(), 'slip' => $along->norm() - $this->pinion->minus($this->front)->norm(), 'angles' => [$angle($this->input, $along), $angle($along, $pose->turned($this->output))]];
    }
}
