<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** A mass that the frame carries, at a point or spread along it; always there, or only when it is laden. */
final readonly class Mass implements ChassisPart
{
    private function __construct(private string $id, public string $name, public float $mass, public float $station, public ?float $to, public bool $isLoad, public bool $tips = false, public ?float $above = null) {}

    public static function list(): string
    {
        return 'masses';
    }

    public static function label(): string
    {
        return 'Mass';
    }

    public static function purpose(): string
    {
        return 'What the frame carries: engine, cab, tank, body, load. At a point, or spread from one station to another; the load is what comes and goes.';
    }

    public static function maxCount(): int
    {
        return 100;
    }

    public static function fields(): array
    {
        return [
            Field::text('name', 'Name'),
            Field::number('mass', 'Mass', 'kg')->between(0.0, 100_000.0)->positive(),
            Field::length('station', 'Station, or from')->station(),
            Field::length('to', 'Spread to', 'Left empty: at a point.')->station()->optional(),
            Field::length('above', 'Its middle above the middle of the rails', 'Below them negative. For braking; left empty: not given.')->optional(),
            Field::choice('when', 'There', ['always', 'laden', 'tipping'], 'Laden: it comes and goes. Tipping: so does it, and it is tipped over its rear end.')->defaults('always'),
        ];
    }

    public static function of(string $id, Values $given, string $path = ''): static
    {
        if ($given->has('to') && $given->number('to') <= $given->number('station')) {
            throw InvalidFields::at("$path.to", 'a mass is spread rearward: to has to lie behind from.');
        }

        return new self(id: $id, name: $given->text('name'), mass: $given->number('mass'), station: $given->number('station'), to: $given->optional('to'), isLoad: $given->text('when') !== 'always', tips: $given->text('when') === 'tipping', above: $given->optional('above'));
    }

    public function id(): string
    {
        return $this->id;
    }

    /** Station of its middle (mm). */
    public function centre(): float
    {
        return $this->to === null ? $this->station : ($this->station + $this->to) / 2;
    }

    /** The same mass elsewhere (mm). */
    public function at(float $station, ?float $to): self
    {
        return new self(id: $this->id, name: $this->name, mass: $this->mass, station: $station, to: $to, isLoad: $this->isLoad, tips: $this->tips, above: $this->above);
    }
}
