<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\CarriedItem;
use Geodex\Core\Frame\Side;

/** A frame as metal: its rails, what is fastened to them, what runs along and what they carry. */
final readonly class Chassis
{
    /** Runs that lie over each other by less meet (mm). */
    private const MEET_MM = 0.5;

    /**
     * @param  list<Rail>  $rails
     * @param  list<Fixture>  $fixtures
     * @param  list<Line>  $lines
     * @param  list<Mass>  $masses
     * @param  list<WallReading>  $walls
     * @param  list<Axle>  $axles
     *
     * @throws InvalidFields if two rails lie over each other on one side
     */
    public function __construct(public array $rails = [], public array $fixtures = [], public array $lines = [], public array $masses = [], public array $walls = [], public array $axles = [])
    {
        foreach ($rails as $i => $rail) {
            foreach (array_slice($rails, $i + 1, null, true) as $k => $other) {
                if ($rail->side->meets($other->side) && min($rail->to, $other->to) - max($rail->from, $other->from) > self::MEET_MM) {
                    throw InvalidFields::at("frame.rails[$k]", sprintf('rail %s lies over rail %s between %.0f and %.0f mm; end one where the other begins.', $other->id(), $rail->id(), max($rail->from, $other->from), min($rail->to, $other->to)));
                }
            }
        }
    }

    /**
     * @param  list<ChassisPart>  $parts
     *
     * @throws InvalidFields if they do not go together
     */
    public static function of(array $parts): self
    {
        $only = function (string $class) use ($parts): array {
            return array_values(array_filter($parts, fn (ChassisPart $part): bool => $part instanceof $class));
        };
        /** @var array{list<Rail>, list<Fixture>, list<Line>, list<Mass>, list<WallReading>, list<AxleEntry>} $kinds */
        $kinds = [$only(Rail::class), $only(Fixture::class), $only(Line::class), $only(Mass::class), $only(WallReading::class), $only(AxleEntry::class)];
        [$rails, $fixtures, $lines, $masses, $walls, $axles] = $kinds;

        return new self(rails: $rails, fixtures: $fixtures, lines: $lines, masses: $masses, walls: $walls, axles: array_map(fn (AxleEntry $one): Axle => $one->axle, $axles));
    }

    public function isEmpty(): bool
    {
        return $this->rails === [];
    }

    /** @return list<CarriedItem> */
    public function carried(): array
    {
        return array_map(fn (Line $line): CarriedItem => $line->carried(), $this->lines);
    }

    /** The run of rail at a station; where two meet, the one behind. */
    public function rail(Side $side, float $station): ?Rail
    {
        $found = null;
        foreach ($this->rails as $rail) {
            if ($rail->side->is($side) && $rail->isAt($station) && ($found === null || $rail->from > $found->from)) {
                $found = $rail;
            }
        }

        return $found;
    }

    /** The section of a rail at a station, worn as it was measured; null where no rail is entered. */
    public function section(Side $side, float $station): ?RailSection
    {
        $rail = $this->rail($side, $station);

        return $rail === null ? null : RailSection::of($rail, $side, $station, $this->lost($rail, $side, $station));
    }

    /** @return ?array{float, float} stations of the frame's ends (mm); null without rails */
    public function span(): ?array
    {
        return $this->rails === [] ? null : [min(array_map(fn (Rail $rail): float => $rail->from, $this->rails)), max(array_map(fn (Rail $rail): float => $rail->to, $this->rails))];
    }

    /** Middle of the rails above the ground (mm): the mean of what the axles tell; null where none does. */
    public function railHeight(): ?float
    {
        $heights = array_filter(array_map(fn (Axle $axle): ?float => $axle->railHeight, $this->axles), fn (?float $height): bool => $height !== null);

        return $heights === [] ? null : array_sum($heights) / count($heights);
    }

    public function fixture(string $id): ?Fixture
    {
        foreach ($this->fixtures as $fixture) {
            if ($fixture->id() === $id) {
                return $fixture;
            }
        }

        return null;
    }

    /**
     * The same with some lists exchanged.
     *
     * @param  ?list<Rail>  $rails
     * @param  ?list<Fixture>  $fixtures
     * @param  ?list<Axle>  $axles
     * @param  ?list<Mass>  $masses
     * @param  ?list<WallReading>  $walls
     * @param  ?list<Line>  $lines
     */
    public function with(?array $rails = null, ?array $fixtures = null, ?array $axles = null, ?array $masses = null, ?array $walls = null, ?array $lines = null): self
    {
        return new self(rails: $rails ?? $this->rails, fixtures: $fixtures ?? $this->fixtures, lines: $lines ?? $this->lines, masses: $masses ?? $this->masses, walls: $walls ?? $this->walls, axles: $axles ?? $this->axles);
    }

    /**
     * With a stretch of its rails changed: runs that reach beyond are parted there.
     *
     * @param  \Closure(Rail): Rail  $change
     * @return ?self null where no rail is entered on all of it
     *
     * @throws InvalidFields if a rail does not take the change
     */
    public function changed(RailSide $side, float $from, float $to, \Closure $change): ?self
    {
        foreach ($side->sides() as $one) {
            if (! $this->covers($one, $from, $to)) {
                return null;
            }
        }
        $rails = [];
        foreach ($this->rails as $rail) {
            if (! $side->meets($rail->side) || $rail->to <= $from + self::MEET_MM || $rail->from >= $to - self::MEET_MM) {
                $rails[] = $rail;

                continue;
            }
            foreach ($rail->side === RailSide::Both && $side !== RailSide::Both ? [RailSide::Left, RailSide::Right] : [$rail->side] as $of) {
                $own = $of === $rail->side ? $rail : $rail->on($of, $rail->id()."-{$of->value}");
                array_push($rails, ...($side->meets($of) ? $this->parted($own, max($from, $rail->from), min($to, $rail->to), $change) : [$own]));
            }
        }

        return $this->with(rails: $rails);
    }

    private function covers(Side $side, float $from, float $to): bool
    {
        $station = $from;
        while ($station < $to - self::MEET_MM) {
            $rail = $this->rail($side, $station + self::MEET_MM / 2);
            if ($rail === null) {
                return false;
            }
            $station = $rail->to;
        }

        return true;
    }

    /**
     * @param  \Closure(Rail): Rail  $change
     * @return list<Rail>
     */
    private function parted(Rail $rail, float $from, float $to, \Closure $change): array
    {
        $parts = [];
        if ($from - $rail->from > self::MEET_MM) {
            $parts[] = $rail->part($rail->id().'-a', $rail->from, $from);
        }
        $parts[] = $change($rail->part($rail->id().($parts === [] && $rail->to - $to <= self::MEET_MM ? '' : '-b'), $from, $to));
        if ($rail->to - $to > self::MEET_MM) {
            $parts[] = $rail->part($rail->id().'-c', $to, $rail->to);
        }

        return $parts;
    }

    /** What is missing of the wall: straight between readings of this run of rail, as at the nearest one beyond them (mm). */
    public function lost(Rail $rail, Side $side, float $station): float
    {
        $at = [];
        foreach ($this->walls as $wall) {
            if ($wall->side->is($side) && $rail->isAt($wall->station)) {
                // Of the faces read at one place the thinnest counts.
                $key = (string) round($wall->station, 1);
                $at[$key] = [$wall->station, max($at[$key][1] ?? 0.0, $wall->lost($rail))];
            }
        }
        usort($at, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        foreach ($at as $i => [$x, $lost]) {
            if ($station <= $x) {
                [$before, $was] = $at[$i - 1] ?? [$x, $lost];

                return $x - $before < self::MEET_MM ? $lost : $was + ($lost - $was) * ($station - $before) / ($x - $before);
            }
        }

        return $at === [] ? 0.0 : $at[count($at) - 1][1];
    }
}
