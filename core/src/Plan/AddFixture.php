<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;

/** Fastens something new to the rails, or makes a hole or a weld in them. It goes by the id of the operation. */
final readonly class AddFixture implements Operation
{
    private function __construct(private string $id, private Fixture $fixture, private Values $given) {}

    public static function kind(): string
    {
        return 'add-feature';
    }

    public static function label(): string
    {
        return 'Add a feature';
    }

    public static function fields(): array
    {
        return [Field::group('new', 'What is added', Fixture::fields())];
    }

    public static function of(string $id, Values $given): static
    {
        return new self($id, Fixture::of($id, $given->within('new'), 'new'), $given);
    }

    public function id(): string
    {
        return $this->id;
    }

    public function values(): array
    {
        return $this->given->toArray();
    }

    public function station(): float
    {
        return -INF;
    }

    public function apply(FrameDraft $draft): FrameDraft
    {
        if ($draft->chassis->fixture($this->id) !== null) {
            throw InvalidPlan::fixtureTwice($this->id, $this->id);
        }

        return $draft->withChassis($draft->chassis->with(fixtures: [...$draft->chassis->fixtures, $this->fixture]));
    }

    public function checks(FrameDraft $draft): array
    {
        return (new PlaceChecker($draft))->of($this->id, $this->fixture);
    }
}
