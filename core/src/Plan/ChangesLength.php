<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Units\InvalidQuantity;

/**
 * What a stretch and a shorten have in common: what lies behind the cut moves along the rail by (s cos α, 0, s sin α) where the rail
 * slopes by α at the cut, unless the insert is asked to be level. docs/formulas.md, "Stretch and shorten".
 */
trait ChangesLength
{
    /**
     * @param  float  $at  station of the front cut (mm)
     * @param  float  $length  along the rail (mm), more than zero
     * @param  float|string|null  $asGiven  the station as it was given, where that was from something else
     *
     * @throws InvalidPlan if no frame is changed by that length
     */
    public function __construct(private readonly string $id, private readonly float $at, public readonly float $length, private readonly Cutting $cutting = new Cutting, private readonly float|string|null $asGiven = null)
    {
        if (! is_finite($length) || $length < InvalidPlan::MIN_LENGTH_MM || $length > InvalidPlan::MAX_LENGTH_MM) {
            throw InvalidPlan::length($id, $length);
        }
    }

    /** Length along the rail that is put in (mm, positive) or taken out (negative). */
    abstract public function growth(): float;

    public static function fields(): array
    {
        return [
            Field::length('at', 'Cut at station')->station(),
            Field::length('length', self::lengthLabel())->between(InvalidPlan::MIN_LENGTH_MM, InvalidPlan::MAX_LENGTH_MM),
            ...Cutting::fields(),
            Field::truth('level', 'Lay the insert level, even where the rail slopes')->defaults(false),
        ];
    }

    /** @throws InvalidQuantity if the saw cut or the distance of the witness marks is none */
    public static function of(string $id, Values $given): static
    {
        return new self($id, $given->number('at'), $given->number('length'), Cutting::of($given), $given->given('at'));
    }

    public function id(): string
    {
        return $this->id;
    }

    public function station(): float
    {
        return $this->at;
    }

    public function values(): array
    {
        return ['at' => $this->asGiven ?? $this->at, 'length' => $this->length, ...$this->cutting->values(), 'level' => $this->cutting->level];
    }

    public function apply(FrameDraft $draft): FrameDraft
    {
        $rail = $draft->rail();
        $slope = $this->cutting->level ? 0.0 : $rail->slope($this->at);
        $by = Vector3::of($this->growth() * cos($slope), 0.0, $this->growth() * sin($slope));
        $shift = new Shift(operation: $this->id, cut: $this->at, bandEnd: $this->at + max(0.0, -$by->x), removed: max(0.0, -$this->growth()), inserted: max(0.0, $this->growth()), by: $by, slope: $slope, railSlope: $rail->slope($this->at));
        $rail->mustCarry($this->id, $shift->cut, $shift->bandEnd);
        $drawsIn = $draft->drawsIn($this->cutting, $this->at);
        $cut = $this->growth() > 0
            ? CutLength::insert(operation: $this->id, length: $this->length, cutting: $this->cutting, cuts: 1, drawsIn: $drawsIn)
            : CutLength::band(operation: $this->id, length: $this->length, cutting: $this->cutting, isClosed: true, drawsIn: $drawsIn);

        return $draft->cut($shift, [$cut], WitnessReading::across($shift, $this->cutting->witness));
    }

    public function checks(FrameDraft $draft): array
    {
        $shift = $draft->shifts->of($this->id);

        return $shift === null ? [] : (new CutChecker($draft, $shift))->warnings();
    }
}
