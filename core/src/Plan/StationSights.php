<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\FixtureKind;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Side;

/** Finds a station on the steel: from the nearest hole or feature ahead of it and from the nearest behind it, so that one checks the other. */
final readonly class StationSights
{
    /** Nearer than this a tape cannot be read well (mm). */
    private const NEAREST_MM = 40.0;

    public function __construct(private Frame $frame, private Chassis $chassis) {}

    /**
     * @param  string  $own  id of what is to be found there: nothing is found from itself
     * @return list<Sight> of one side: one from ahead and one from behind, where there are
     */
    public function of(float $station, Side $side, string $own = ''): array
    {
        $ahead = $behind = null;
        foreach ($this->places($side, $own) as [$name, $x]) {
            $distance = $station - $x;
            if ($distance >= self::NEAREST_MM && ($ahead === null || $distance < $ahead->distance)) {
                $ahead = new Sight($name, $distance);
            }
            if ($distance <= -self::NEAREST_MM && ($behind === null || $distance > $behind->distance)) {
                $behind = new Sight($name, $distance);
            }
        }

        return array_values(array_filter([$ahead, $behind]));
    }

    /** @return list<array{string, float}> what has an edge or a hole to hook a tape to: charted points first, then holes and ends of features */
    private function places(Side $side, string $own): array
    {
        $places = [];
        foreach ($this->frame->points as $point) {
            if ($point->side === $side && $point->reference !== null) {
                $places[] = [$point->id, $point->reference->x];
            }
        }
        foreach ($this->chassis->fixtures as $fixture) {
            if ($fixture->id() === $own || ! $fixture->side->is($side) || in_array($fixture->kind, [FixtureKind::Weld, FixtureKind::Bend, FixtureKind::Crack, FixtureKind::Tank, FixtureKind::CabEnd], true)) {
                continue;
            }
            $places[] = $fixture->kind->isOpening() ? ["the middle of {$fixture->called()}", $fixture->station] : ["the rear edge of {$fixture->called()}", $fixture->rear()];
        }

        return $places;
    }
}
