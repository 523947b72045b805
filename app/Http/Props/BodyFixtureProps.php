<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Chassis\RailPath;
use Geodex\Core\Frame\Side;

/** A feature where the drawing shows it; mm. */
final readonly class BodyFixtureProps
{
    /**
     * @param  'left'|'right'|'centre'|'both'  $side
     * @param  list<list<float>>  $edges  of each rail that it is on: back, tips, top, bottom
     */
    public function __construct(public string $id, public string $kind, public string $name, public string $side, public float $front, public float $rear, public string $face, public float $up, public ?float $diameter, public bool $spans, public array $edges) {}

    public static function from(Fixture $one, Chassis $chassis, RailPath $path): self
    {
        $sides = $one->side->sides() === [Side::Centre] || $one->kind->bracesRails() ? [Side::Left, Side::Right] : $one->side->sides();

        return new self(
            id: $one->id(), kind: $one->kind->value, name: $one->called(), side: $one->side->value, front: $one->front(), rear: $one->rear(), face: $one->face, up: $one->up, diameter: $one->diameter,
            spans: count($sides) === 2 && ($one->kind->bracesRails() || $one->side->sides() === [Side::Centre]),
            edges: array_map(fn (Side $side): array => BodyProps::edges($chassis->rail($side, $one->station), $side, $one->station, $path), $sides),
        );
    }
}
