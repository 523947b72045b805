<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Frame\CarriedItem;
use Geodex\Core\Frame\Side;

/** A pipe, loom, cable or shaft that runs along the frame, as a path of stations and sides. */
final readonly class Line implements ChassisPart
{
    /** Ω·mm²/m at 20 °C. */
    private const COPPER = 0.0175;

    /** @param  non-empty-list<array{float, Side}>  $path  station (mm) and side, in order from one end to the other */
    private function __construct(private string $id, public LineKind $kind, public string $name, public array $path, public ?float $current, public ?float $copper, public string $cutEnd) {}

    public static function list(): string
    {
        return 'lines';
    }

    public static function label(): string
    {
        return 'Line';
    }

    public static function purpose(): string
    {
        return 'What runs along the frame, from end to end as it lies: where it starts, turns, changes sides and ends. What goes over a cut and comes back changes twice.';
    }

    public static function maxCount(): int
    {
        return 100;
    }

    public static function fields(): array
    {
        return [
            Field::choice('kind', 'What', array_map(fn (LineKind $one): string => $one->value, LineKind::cases()))->defaults(LineKind::Other->value),
            Field::text('name', 'Name'),
            Field::listing('path', 'Path', [
                Field::length('station', 'Station')->station(),
                Field::choice('side', 'Side', ['left', 'right', 'centre'])->defaults('centre'),
            ], 2, 60),
            Field::choice('cutEnd', 'An end that is cut out', ['to the front edge', 'to the rear edge'], 'Where it is fixed again when its end lies in a piece that is taken out. Left empty: at the front edge.')->optional(),
            Field::number('current', 'Current', 'A', 'Of a loom\'s heaviest wire, for the voltage lost.')->positive()->optional(),
            Field::number('copper', 'Copper of that wire', 'mm²')->positive()->optional(),
        ];
    }

    public static function of(string $id, Values $given, string $path = ''): static
    {
        $along = array_map(fn (Values $one): array => [$one->number('station'), Side::from($one->text('side'))], $given->list('path'));
        if ($along === []) {
            throw InvalidFields::at("$path.path", 'a line passes at least two stations.');
        }

        return new self(
            id: $id,
            kind: LineKind::from($given->text('kind')),
            name: $given->text('name'),
            path: $along,
            current: $given->optional('current'),
            copper: $given->optional('copper'),
            cutEnd: $given->text('cutEnd'),
        );
    }

    public function id(): string
    {
        return $this->id;
    }

    /** @param  \Closure(float): float  $station  where each comes to lie */
    public function moved(\Closure $station): self
    {
        return new self(id: $this->id, kind: $this->kind, name: $this->name, path: array_map(fn (array $one): array => [$station($one[0]), $one[1]], $this->path), current: $this->current, copper: $this->copper, cutEnd: $this->cutEnd);
    }

    /**
     * What so much more wire loses, there and back: 2 ρ Δ I / A, copper at 20 °C.
     *
     * @param  float  $longer  mm
     * @return ?float V; null where current or copper is not given, or nothing is added
     */
    public function voltageLost(float $longer): ?float
    {
        return $this->current === null || $this->copper === null || $longer <= 0.0 ? null : 2 * self::COPPER * $longer / 1000 * $this->current / $this->copper;
    }

    public function carried(): CarriedItem
    {
        return new CarriedItem($this->name, array_map(fn (array $one): float => $one[0], $this->path), $this->cutEnd === 'to the rear edge');
    }
}
