<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Chassis\Rail;
use Geodex\Core\Chassis\RailSide;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;

/** Puts a plate on the back of the web over a length of rail. */
final readonly class PlateWeb implements Operation
{
    use PutsOnRail;

    private function __construct(private string $id, private RailSide $side, private float $from, private float $to, private float $thickness, private ?float $height, private Values $given) {}

    public static function kind(): string
    {
        return 'plate';
    }

    public static function label(): string
    {
        return 'Plate';
    }

    public static function fields(): array
    {
        return [
            Field::choice('side', 'Side', RailSide::ofRails())->defaults(RailSide::Both->value),
            Field::length('from', 'From station')->station(),
            Field::length('to', 'To station')->station(),
            Field::length('thickness', 'Thickness of the plate')->between(1.0, 30.0),
            Field::length('height', 'Height of the plate', 'Left empty: as high as the flat of the web.')->positive()->optional(),
        ];
    }

    public static function of(string $id, Values $given): static
    {
        return new self($id, RailSide::from($given->text('side')), $given->number('from'), $given->number('to'), $given->number('thickness'), $given->optional('height'), $given);
    }

    public function values(): array
    {
        return $this->given->toArray();
    }

    private function onto(Rail $rail): Rail
    {
        return $rail->doubledBy($this->thickness, $this->height);
    }
}
