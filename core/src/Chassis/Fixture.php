<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** A feature of a rail at its station: what is fastened there, a hole, a weld, a bend or a crack. */
final readonly class Fixture implements ChassisPart
{
    private function __construct(
        private string $id,
        public FixtureKind $kind,
        public string $name,
        public RailSide $side,
        public float $station,
        public float $length,
        public string $face,
        public float $up,
        public ?float $diameter,
    ) {}

    public static function list(): string
    {
        return 'features';
    }

    public static function label(): string
    {
        return 'Feature';
    }

    public static function purpose(): string
    {
        return 'What is fastened to the rails and what is in them: crossmembers, hangers, mounts, holes, welds, bends, cracks. A station is its middle; write it as “350 behind CL”.';
    }

    public static function maxCount(): int
    {
        return 500;
    }

    public static function fields(): array
    {
        return [
            Field::choice('kind', 'What', array_map(fn (FixtureKind $one): string => $one->value, FixtureKind::cases())),
            Field::text('name', 'Name')->optional(),
            Field::choice('side', 'Side', RailSide::words())->defaults(RailSide::Both->value),
            Field::length('station', 'Station')->station(),
            Field::length('length', 'Length along the rail', 'Its footprint: gussets and feet count.')->between(0.0, 4000.0)->defaults(0.0),
            Field::choice('face', 'Face', ['web', 'top', 'bottom'])->defaults('web'),
            Field::length('up', 'Above the middle of the web', 'For a hole or bolt; below it negative.')->defaults(0.0),
            Field::length('diameter', 'Diameter')->positive()->optional(),
        ];
    }

    public static function of(string $id, Values $given, string $path = ''): static
    {
        $kind = FixtureKind::from($given->text('kind'));
        if ($kind === FixtureKind::Hole && ! $given->has('diameter')) {
            throw InvalidFields::at("$path.diameter", 'missing: how large is the hole?');
        }

        return new self(
            id: $id,
            kind: $kind,
            name: $given->text('name'),
            side: RailSide::from($given->text('side')),
            station: $given->number('station'),
            length: $given->number('length'),
            face: $given->text('face'),
            up: $given->number('up'),
            diameter: $given->optional('diameter'),
        );
    }

    public function id(): string
    {
        return $this->id;
    }

    /** What a technician calls it. */
    public function called(): string
    {
        return $this->name === '' ? "{$this->kind->words()} $this->id" : $this->name;
    }

    /** Station of its front edge (mm). */
    public function front(): float
    {
        return $this->station - $this->extent() / 2;
    }

    /** Station of its rear edge (mm). */
    public function rear(): float
    {
        return $this->station + $this->extent() / 2;
    }

    public function at(float $station): self
    {
        return new self(id: $this->id, kind: $this->kind, name: $this->name, side: $this->side, station: $station, length: $this->length, face: $this->face, up: $this->up, diameter: $this->diameter);
    }

    private function extent(): float
    {
        return max($this->length, $this->kind->isOpening() ? $this->diameter ?? 0.0 : 0.0);
    }
}
