<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Units\InvalidQuantity;

/** Takes a section of both rails out and puts another in, as long or longer or shorter. */
final readonly class Replace implements Operation
{
    /**
     * @param  float  $at  station of the front cut (mm)
     * @param  float  $length  along the rail, taken out (mm)
     * @param  float  $insert  along the rail, put in (mm)
     *
     * @throws InvalidPlan if no frame is changed by that length
     */
    public function __construct(private string $id, private float $at, public float $length, public float $insert, private Cutting $cutting = new Cutting, private float|string|null $asGiven = null)
    {
        foreach ([$length, $insert] as $mm) {
            if (! is_finite($mm) || $mm < InvalidPlan::MIN_LENGTH_MM || $mm > InvalidPlan::MAX_LENGTH_MM) {
                throw InvalidPlan::length($id, $mm);
            }
        }
    }

    public static function kind(): string
    {
        return 'replace';
    }

    public static function label(): string
    {
        return 'Replace a section';
    }

    public static function fields(): array
    {
        $limits = [InvalidPlan::MIN_LENGTH_MM, InvalidPlan::MAX_LENGTH_MM];

        return [
            Field::length('at', 'First cut at station')->station(),
            Field::length('length', 'Length taken out')->between(...$limits),
            Field::length('insert', 'Length put in', 'Left empty: as long as what is taken out.')->between(...$limits)->optional(),
            ...Cutting::fields(),
            Field::truth('level', 'Lay the new section level, even where the rail slopes')->defaults(false),
        ];
    }

    /** @throws InvalidQuantity if the saw cut or the distance of the witness marks is none */
    public static function of(string $id, Values $given): static
    {
        return new self($id, $given->number('at'), $given->number('length'), $given->optional('insert') ?? $given->number('length'), Cutting::of($given), $given->given('at'));
    }

    public function id(): string
    {
        return $this->id;
    }

    public function values(): array
    {
        return ['at' => $this->asGiven ?? $this->at, 'length' => $this->length, 'insert' => $this->insert, ...$this->cutting->values(), 'level' => $this->cutting->level];
    }

    public function station(): float
    {
        return $this->at;
    }

    public function apply(FrameDraft $draft): FrameDraft
    {
        $rail = $draft->rail();
        $slope = $this->cutting->level ? 0.0 : $rail->slope($this->at);
        $growth = $this->insert - $this->length;
        $shift = new Shift(
            operation: $this->id,
            cut: $this->at,
            bandEnd: $this->at + $this->length * cos($slope),
            removed: $this->length,
            inserted: $this->insert,
            by: Vector3::of($growth * cos($slope), 0.0, $growth * sin($slope)),
            slope: $slope,
            railSlope: $rail->slope($this->at),
        );
        $rail->mustCarry($this->id, $shift->cut, $shift->bandEnd);
        $drawsIn = $draft->drawsIn($this->cutting, $this->at);

        return $draft->cut($shift, [
            CutLength::band(operation: $this->id, length: $this->length, cutting: $this->cutting, isClosed: false, drawsIn: $drawsIn),
            // The band is sawn inside its marks, so that no kerf is left to make up.
            CutLength::insert(operation: $this->id, length: $this->insert, cutting: $this->cutting, cuts: 0, drawsIn: $drawsIn),
        ], WitnessReading::across($shift, $this->cutting->witness));
    }

    public function checks(FrameDraft $draft): array
    {
        $shift = $draft->shifts->of($this->id);

        return $shift === null ? [] : (new CutChecker($draft, $shift))->warnings();
    }
}
