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
     *
     * @throws InvalidPlan if no frame is changed by that length
     */
    public function __construct(private readonly string $id, private readonly float $at, public readonly float $length, private readonly Cutting $cutting = new Cutting)
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
            Field::length('kerf', 'Saw cut', 'Width of the cut; 0 if it does not matter.')->between(0.0, Cutting::MAX_KERF_MM)->defaults(0.0)->proposing('sawCut'),
            Field::length('witness', 'Witness marks', 'Distance of the scribed marks from the cut.')->positive()->defaults(100.0)->proposing('witnessDistance'),
            Field::truth('level', 'Lay the insert level, even where the rail slopes')->defaults(false),
        ];
    }

    /** @throws InvalidQuantity if the saw cut or the distance of the witness marks is none */
    public static function of(string $id, Values $given): static
    {
        return new self($id, $given->number('at'), $given->number('length'), new Cutting($given->number('kerf'), $given->number('witness'), $given->truth('level')));
    }

    public function id(): string
    {
        return $this->id;
    }

    public function station(): float
    {
        return $this->at;
    }

    public function cutting(): Cutting
    {
        return $this->cutting;
    }

    public function values(): array
    {
        return ['at' => $this->at, 'length' => $this->length, 'kerf' => $this->cutting->kerf, 'witness' => $this->cutting->witness, 'level' => $this->cutting->level];
    }

    public function apply(FrameDraft $draft): FrameDraft
    {
        $rail = $draft->rail();
        $slope = $this->cutting->level ? 0.0 : $rail->slope($this->at);
        $by = Vector3::of($this->growth() * cos($slope), 0.0, $this->growth() * sin($slope));
        $shift = new Shift(operation: $this->id, growth: $this->growth(), cut: $this->at, bandEnd: $this->at + max(0.0, -$by->x), by: $by, slope: $slope);
        foreach ([$shift->cut, $shift->bandEnd] as $station) {
            if (! is_finite($station) || $station < $rail->front() || $station > $rail->rear()) {
                throw InvalidPlan::offTheFrame($this->id, $station, $rail->front(), $rail->rear());
            }
        }

        return $draft->cut($shift, $this->cutLength(), $this->witness());
    }

    public function checks(FrameDraft $draft): array
    {
        $shift = $draft->shifts->of($this->id);

        return $shift === null ? [] : (new CutChecker($draft, $shift))->warnings();
    }

    private function witness(): WitnessReading
    {
        $between = 2 * $this->cutting->witness;

        return new WitnessReading($this->id, $this->cutting->witness, $between + max(0.0, -$this->growth()), $between + max(0.0, $this->growth()));
    }

    /** One cut on a mark takes the kerf out of the half behind it, so the insert makes it up; a band is sawn on its own, waste side. */
    private function cutLength(): CutLength
    {
        $kerf = $this->cutting->kerf;

        return $this->growth() > 0
            ? new CutLength(
                operation: $this->id,
                what: 'insert',
                mark: $this->length + $kerf,
                piece: $this->length + $kerf,
                saw: 'Saw the insert on the waste side of its mark; it makes up the kerf of the rail cut.',
            )
            : new CutLength(operation: $this->id, what: 'band', mark: $this->length, piece: $this->length - 2 * $kerf, saw: 'Saw inside both marks: the band between them is the waste.');
    }
}
