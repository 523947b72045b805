<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;

/** Sets something that is fastened to the rails at another station. */
final readonly class MoveFixture implements Operation
{
    public function __construct(private string $id, private string $feature, private float $to, private float|string|null $asGiven = null) {}

    public static function kind(): string
    {
        return 'move-feature';
    }

    public static function label(): string
    {
        return 'Move a feature';
    }

    public static function fields(): array
    {
        return [
            Field::text('feature', 'Feature', 'Its id in the table of the frame.')->naming('features'),
            Field::length('to', 'To station', 'In the frame as it is now.')->station(),
        ];
    }

    public static function of(string $id, Values $given): static
    {
        return new self($id, $given->text('feature'), $given->number('to'), $given->given('to'));
    }

    public function id(): string
    {
        return $this->id;
    }

    public function values(): array
    {
        return ['feature' => $this->feature, 'to' => $this->asGiven ?? $this->to];
    }

    public function station(): float
    {
        return -INF;
    }

    public function apply(FrameDraft $draft): FrameDraft
    {
        $moved = $draft->chassis->fixture($this->feature)?->at($this->to) ?? throw InvalidPlan::noSuchFixture($this->id, $this->feature);

        return $draft->withChassis($draft->chassis->with(fixtures: array_map(fn (Fixture $one): Fixture => $one->id() === $this->feature ? $moved : $one, $draft->chassis->fixtures)));
    }

    public function checks(FrameDraft $draft): array
    {
        $now = $draft->chassis->fixture($this->feature);

        return $now === null ? [] : (new PlaceChecker($draft))->of($this->id, $now);
    }
}
