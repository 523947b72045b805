<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Chassis\Line;
use Geodex\Core\Chassis\Rail;
use Geodex\Core\Chassis\RailPath;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;

/** The body of a frame for the drawing: where its rails, features and lines lie; mm. */
final readonly class BodyProps
{
    /**
     * @param  list<BodyRailProps>  $rails
     * @param  list<BodyFixtureProps>  $fixtures
     * @param  list<BodyLineProps>  $lines
     */
    public function __construct(public array $rails, public array $fixtures, public array $lines) {}

    /** @param  list<Point>  $points  of the chart, which the rails run along */
    public static function from(Chassis $chassis, array $points): self
    {
        $path = new RailPath($points);
        $rails = [];
        foreach ($chassis->rails as $rail) {
            foreach ($rail->side->sides() as $side) {
                $rails[] = BodyRailProps::from($rail, $side, $path);
            }
        }

        return new self(
            rails: $rails,
            fixtures: array_map(fn (Fixture $one): BodyFixtureProps => BodyFixtureProps::from($one, $chassis, $path), $chassis->fixtures),
            lines: array_map(fn (Line $one): BodyLineProps => BodyLineProps::from($one, $chassis, $path), $chassis->lines),
        );
    }

    /**
     * Where a rail lies at a station: its back and tips in plan, its top and bottom from the side.
     *
     * @return array{float, float, float, float} mm
     */
    public static function edges(?Rail $rail, Side $side, float $station, RailPath $path): array
    {
        [$y, $z] = $path->at($side, $station, $rail?->offset);
        $sign = $side === Side::Left ? 1 : -1;
        $depth = $rail?->depth($station) ?? 0.0;
        $top = $z + ($rail?->pointsAt->above() ?? 0.0) * $depth;

        return [$y, $y + $sign * ($rail?->width() ?? 0.0), $top, $top - $depth];
    }
}
