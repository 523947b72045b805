<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;
use Geodex\Core\Frame\Axle;

/** An axle as it is entered. */
final readonly class AxleEntry implements ChassisPart
{
    private function __construct(public Axle $axle) {}

    public static function list(): string
    {
        return 'axles';
    }

    public static function label(): string
    {
        return 'Axle';
    }

    public static function purpose(): string
    {
        return 'Where the wheels stand, from the front; what each axle may carry is on its plate.';
    }

    public static function maxCount(): int
    {
        return 8;
    }

    public static function fields(): array
    {
        return [
            Field::length('station', 'Station')->station(),
            Field::length('tyreRadius', 'Tyre radius, loaded', 'From the ground to the middle of the hub.')->positive()->optional(),
            Field::length('track', 'Track', 'Between the middles of the tyres.')->positive()->optional(),
            Field::number('rating', 'May carry', 'kg')->positive()->optional(),
            Field::length('railHeight', 'Middle of the rails above the ground', 'As it stands, at this axle. For braking and a winch.')->positive()->optional(),
        ];
    }

    public static function of(string $id, Values $given, string $path = ''): static
    {
        return new self(new Axle(id: $id, station: $given->number('station'), tyreRadius: $given->optional('tyreRadius'), track: $given->optional('track'), rating: $given->optional('rating'), railHeight: $given->optional('railHeight')));
    }

    public function id(): string
    {
        return $this->axle->id;
    }
}
