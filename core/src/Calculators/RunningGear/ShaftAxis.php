<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;

/** An axis as a level and a tape tell it: how far it falls on the way from the gearbox to the axle, and runs to the right. */
final readonly class ShaftAxis
{
    private const STEEPEST = 60.0;

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::number('fall', 'Falls toward the axle', '°', 'A level laid on it; rises: minus.')->between(-self::STEEPEST, self::STEEPEST),
            Field::number('right', 'Runs to the right', '°')->between(-self::STEEPEST, self::STEEPEST)->defaults(0.0),
        ];
    }

    /** @param  int  $way  1 where the shafts run rearward, −1 where forward */
    public static function of(Values $given, int $way): Vector3
    {
        return self::at($given->number('fall'), $given->number('right'), $way);
    }

    public static function at(float $fall, float $right, int $way): Vector3
    {
        [$f, $r] = [deg2rad($fall), deg2rad($right)];

        return Vector3::of($way * cos($f) * cos($r), cos($f) * sin($r), -sin($f));
    }

    /** @return array{float, float} fall and run to the right of a direction (°) */
    public static function told(Vector3 $axis, int $way): array
    {
        return [-rad2deg(asin(max(-1.0, min(1.0, $axis->z)))), rad2deg(atan2($axis->y, $way * $axis->x))];
    }

    /**
     * From one joint to the next.
     *
     * @throws InvalidFields if they stand on each other, it runs the other way, or upright
     */
    public static function between(Vector3 $from, Vector3 $to, int $way, string $path): Vector3
    {
        $along = $to->minus($from);
        if ($along->norm() < 1e-9) {
            throw InvalidFields::at($path, 'stands where the joint before it stands.');
        }
        $axis = $along->unit();
        [$fall, $right] = self::told($axis, $way);
        if ($way * $along->x <= 0.0) {
            throw InvalidFields::at($path, 'the shaft runs the wrong way.');
        }
        if (abs($fall) > self::STEEPEST || abs($right) > self::STEEPEST) {
            throw InvalidFields::at($path, sprintf('the shaft stands steeper than %g°.', self::STEEPEST));
        }

        return $axis;
    }
}
