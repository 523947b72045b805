<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis\Loads;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;

/**
 * A rope that pulls at a frame held by its brakes, without its load: down or up by its slope, and turning it by how high it pulls above
 * the rails and how high those are above the ground.
 */
final readonly class WinchPull
{
    private function __construct(public float $pull, public float $station, public float $above, public bool $isForward, public float $falls) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::number('pull', 'Pull of the rope', 'kN')->between(0.0, 1000.0)->positive(),
            Field::length('station', 'It leaves the frame at')->station(),
            Field::length('above', 'Above the middle of the rails', 'Below them negative.')->defaults(0.0),
            Field::choice('way', 'It pulls the frame', ['forward', 'rearward'])->defaults('forward'),
            Field::number('falls', 'Rope falls by', '°', 'Away from the frame; 0: level, negative: it rises.')->between(-60.0, 60.0)->defaults(0.0),
        ];
    }

    public static function from(Values $given): self
    {
        return new self($given->number('pull') * 1000, $given->number('station'), $given->number('above'), $given->text('way') === 'forward', $given->number('falls'));
    }

    /**
     * The frame with and without it.
     *
     * @return array{without: LoadCase, with: LoadCase, worst: ?StressPoint, rail: float}
     *
     * @throws CannotLoad where nobody said how high the rails are
     */
    public function on(FrameLoads $loads, Chassis $chassis): array
    {
        $rail = $chassis->railHeight() ?? throw CannotLoad::noRailHeight();
        $without = $loads->cases[0];
        $level = $this->pull * cos(deg2rad($this->falls)) * ($this->isForward ? 1.0 : -1.0);
        $down = $this->pull * sin(deg2rad($this->falls)) / LoadCase::GRAVITY;
        $pressed = $without->with($this->station, $down);
        $total = array_sum(array_map(fn (float $kg): float => max(0.0, $kg), $pressed->carried()));
        $held = array_map(fn ($axle, float $kg): Couple => Couple::of($axle, $level * $rail * max(0.0, $kg) / max(1.0, $total)), $pressed->supports, $pressed->carried());
        $with = $pressed->turned($without->kind, [Couple::at($this->station, $level * $this->above), ...$held]);
        $stations = [...$loads->stations(), $this->station - Couple::FEET_MM, $this->station + Couple::FEET_MM];
        $worst = null;
        foreach ($with->moments($stations) as $i => $moment) {
            $stress = $loads->stress($with->kind, $stations[$i], $moment, 1.0);
            $worst = $stress !== null && ($worst === null || $stress->stress > $worst->stress) ? $stress : $worst;
        }

        return ['without' => $without, 'with' => $with, 'worst' => $worst, 'rail' => $rail];
    }
}
