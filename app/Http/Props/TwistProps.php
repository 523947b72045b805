<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Chassis\Loads\FrameTwist;

/** A frame with one wheel lifted until another hangs in the air; N·m, degrees, MPa, mm. */
final readonly class TwistProps
{
    /** @param  string  $lifts  axle whose second wheel comes off the ground first */
    public function __construct(public string $over, public string $lifts, public float $torque, public float $degrees, public float $stress, public float $station, public string $side, public bool $isOpen) {}

    public static function of(FrameLoads $loads, Chassis $chassis): ?self
    {
        $twist = FrameTwist::of($loads->fullest(), $chassis, $loads->factor());

        return $twist === null ? null : new self($twist->over->words(), $twist->lifts, $twist->torque, $twist->degrees, $twist->stress, $twist->station, $twist->side->value, $twist->isOpen);
    }
}
