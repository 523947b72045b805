<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;
use Geodex\Core\Words\Sentence;

/** Takes something away from the rails, and asks what carries instead. */
final readonly class RemoveFixture implements Operation
{
    public function __construct(private string $id, private string $feature, private string $instead = '') {}

    public static function kind(): string
    {
        return 'remove-feature';
    }

    public static function label(): string
    {
        return 'Remove a feature';
    }

    public static function fields(): array
    {
        return [
            Field::text('feature', 'Feature', 'Its id in the table of the frame.')->naming('features'),
            Field::text('instead', 'What carries instead', 'A new crossmember, a bracket, nothing needed: in a few words.')->optional(),
        ];
    }

    public static function of(string $id, Values $given): static
    {
        return new self($id, $given->text('feature'), $given->text('instead'));
    }

    public function id(): string
    {
        return $this->id;
    }

    public function values(): array
    {
        return ['feature' => $this->feature, 'instead' => $this->instead === '' ? null : $this->instead];
    }

    public function station(): float
    {
        return -INF;
    }

    public function apply(FrameDraft $draft): FrameDraft
    {
        if ($draft->chassis->fixture($this->feature) === null) {
            throw InvalidPlan::noSuchFixture($this->id, $this->feature);
        }

        return $draft->withChassis($draft->chassis->with(fixtures: array_values(array_filter($draft->chassis->fixtures, fn (Fixture $one): bool => $one->id() !== $this->feature))));
    }

    public function checks(FrameDraft $draft): array
    {
        $gone = $draft->before->fixture($this->feature);
        if ($gone === null || ! $gone->kind->carries()) {
            return [];
        }

        return [$this->instead === ''
            ? Sentence::of('plan.unsupported', '{operation} takes {what} away: say what carries instead, or that nothing hangs on it.', operation: $this->id, what: $gone->called())
            : Sentence::of('plan.instead', '{operation} takes {what} away; {instead} carries instead, and is in place before the old one comes off.', operation: $this->id, what: $gone->called(), instead: $this->instead)];
    }
}
