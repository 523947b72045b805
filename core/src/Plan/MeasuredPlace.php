<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Side;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\PointResult;

/** Where a survey found a point of a rail, and half its 95 % interval along each axis (mm). */
final readonly class MeasuredPlace
{
    public function __construct(public string $id, public Side $side, public Vector3 $at, public Vector3 $expanded) {}

    /**
     * @param  list<PointResult>  $points  of a survey
     * @return list<self> those that its readings fix along all three axes
     */
    public static function all(Frame $frame, array $points): array
    {
        $places = [];
        foreach ($points as $point) {
            if ($point->measured !== null && $point->expanded !== null && ! in_array(false, $point->determined ?? [], true)) {
                $places[] = new self($point->id, $frame->point($point->id)->side, $point->measured, $point->expanded);
            }
        }

        return $places;
    }
}
