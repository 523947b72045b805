<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;

/** A wall thickness as measured, with an ultrasonic gauge or a calliper at a hole. */
final readonly class WallReading implements ChassisPart
{
    private function __construct(private string $id, public RailSide $side, public float $station, public string $face, public float $measured) {}

    public static function list(): string
    {
        return 'walls';
    }

    public static function label(): string
    {
        return 'Wall measured';
    }

    public static function purpose(): string
    {
        return 'Wall thickness where it was measured. What is missing against new counts as lost on every face there, and evenly from one reading to the next.';
    }

    public static function maxCount(): int
    {
        return 200;
    }

    public static function fields(): array
    {
        return [
            Field::choice('side', 'Side', RailSide::ofRails())->defaults(RailSide::Both->value),
            Field::length('station', 'Station')->station(),
            Field::choice('face', 'Face', ['web', 'top', 'bottom'])->defaults('web'),
            Field::length('measured', 'Measured')->positive(),
        ];
    }

    public static function of(string $id, Values $given, string $path = ''): static
    {
        return new self(id: $id, side: RailSide::from($given->text('side')), station: $given->number('station'), face: $given->text('face'), measured: $given->number('measured'));
    }

    public function id(): string
    {
        return $this->id;
    }

    public function at(float $station): self
    {
        return new self(id: $this->id, side: $this->side, station: $station, face: $this->face, measured: $this->measured);
    }

    /** What is missing there (mm); a wall thicker than new has lost nothing. */
    public function lost(Rail $rail): float
    {
        return max(0.0, ($this->face === 'web' ? $rail->thickness() : $rail->flangeThickness()) - $this->measured);
    }
}
