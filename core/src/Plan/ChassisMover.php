<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Chassis\Line;
use Geodex\Core\Chassis\Mass;
use Geodex\Core\Chassis\Rail;
use Geodex\Core\Chassis\WallReading;
use Geodex\Core\Frame\Axle;

/** Lays a chassis where the cuts of a plan bring it. What is put in is taken to be of the section that it is put into. */
final readonly class ChassisMover
{
    public function __construct(private Shifts $shifts) {}

    public function moved(Chassis $chassis): Chassis
    {
        $kept = fn (Fixture|WallReading $one): bool => ! $this->shifts->takesOut($one->station);
        $rails = array_map(fn (Rail $rail): Rail => $rail->moved($this->shifts->station($rail->from), $this->shifts->station($rail->to)), $chassis->rails);

        return $chassis->with(
            // A run that lay all in a band that is cut out has no length left.
            rails: array_values(array_filter($rails, fn (Rail $rail): bool => $rail->to > $rail->from)),
            fixtures: array_map(fn (Fixture $one): Fixture => $one->at($this->shifts->station($one->station)), array_values(array_filter($chassis->fixtures, $kept))),
            axles: array_map(fn (Axle $axle): Axle => $axle->at($this->shifts->station($axle->station)), $chassis->axles),
            masses: array_map(fn (Mass $mass): Mass => $mass->at($this->shifts->station($mass->station), $mass->to === null ? null : max($this->shifts->station($mass->to), $this->shifts->station($mass->station) + 1.0)), $chassis->masses),
            lines: array_map(fn (Line $line): Line => $line->moved($this->shifts->station(...)), $chassis->lines),
            walls: array_map(fn (WallReading $one): WallReading => $one->at($this->shifts->station($one->station)), array_values(array_filter($chassis->walls, $kept))),
        );
    }
}
