<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Units\InvalidQuantity;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/**
 * Sets everything behind a cut higher or lower by a leg of rail between two mitres: H / sin θ long on its centre line, H / tan θ rearward
 * (docs/formulas.md, “Kick, arch or new end”). As much rail as is asked comes out behind the cut.
 */
final readonly class Kick implements Operation
{
    private const STEEPEST = 80.0;

    private const MAX_HEIGHT_MM = 1500.0;

    /**
     * @param  float  $at  station of the first joint (mm)
     * @param  float  $height  up positive (mm)
     * @param  float  $angle  of the leg, degrees
     * @param  float  $takeOut  length along the rail that comes out (mm)
     *
     * @throws InvalidPlan if no rail comes to lie higher by that
     */
    public function __construct(private string $id, private float $at, public float $height, public float $angle, public float $takeOut = 0.0, private Cutting $cutting = new Cutting, private float|string|null $asGiven = null)
    {
        if (! is_finite($height) || abs($height) < InvalidPlan::MIN_LENGTH_MM || abs($height) > self::MAX_HEIGHT_MM) {
            throw InvalidPlan::kick($id, $height, self::MAX_HEIGHT_MM);
        }
    }

    public static function kind(): string
    {
        return 'kick';
    }

    public static function label(): string
    {
        return 'Kick up or down';
    }

    public static function fields(): array
    {
        return [
            Field::length('at', 'First joint at station')->station(),
            Field::choice('direction', 'Behind it', ['up', 'down'])->defaults('up'),
            Field::length('height', 'by')->between(InvalidPlan::MIN_LENGTH_MM, self::MAX_HEIGHT_MM),
            Field::number('angle', 'Angle of the leg', '°')->between(5.0, self::STEEPEST),
            Field::length('takeOut', 'Rail taken out behind the joint', '0: the frame grows by what the leg runs rearward.')->between(0.0, InvalidPlan::MAX_LENGTH_MM)->defaults(0.0),
            ...Cutting::fields(),
        ];
    }

    /** @throws InvalidQuantity if the saw cut or the distance of the witness marks is none */
    public static function of(string $id, Values $given): static
    {
        $height = $given->number('height');

        return new self($id, $given->number('at'), $given->text('direction') === 'down' ? -$height : $height, $given->number('angle'), $given->number('takeOut'), Cutting::of($given), $given->given('at'));
    }

    public function id(): string
    {
        return $this->id;
    }

    public function values(): array
    {
        return ['at' => $this->asGiven ?? $this->at, 'direction' => $this->height < 0.0 ? 'down' : 'up', 'height' => abs($this->height), 'angle' => $this->angle, 'takeOut' => $this->takeOut, ...$this->cutting->values()];
    }

    public function station(): float
    {
        return $this->at;
    }

    /** Centre line of the leg, joint to joint (mm). */
    public function leg(): float
    {
        return abs($this->height) / sin(deg2rad($this->angle));
    }

    /** What the leg runs rearward (mm). */
    public function advance(): float
    {
        return abs($this->height) / tan(deg2rad($this->angle));
    }

    public function apply(FrameDraft $draft): FrameDraft
    {
        $rail = $draft->rail();
        $slope = $rail->slope($this->at);
        $band = $this->takeOut * cos($slope);
        $shift = new Shift(
            operation: $this->id,
            cut: $this->at,
            bandEnd: $this->at + $band,
            removed: $this->takeOut,
            inserted: $this->leg(),
            by: Vector3::of($this->advance() - $band, 0.0, $this->height - $this->takeOut * sin($slope)),
            slope: ($this->height <=> 0.0) * deg2rad($this->angle),
            railSlope: $slope,
        );
        $rail->mustCarry($this->id, $shift->cut, $shift->bandEnd);
        $drawsIn = $draft->drawsIn($this->cutting, $this->at);
        $cuts = $this->takeOut > 0.0 ? [CutLength::band(operation: $this->id, length: $this->takeOut, cutting: $this->cutting, isClosed: false, drawsIn: $drawsIn)] : [];

        return $draft->cut($shift, [...$cuts, CutLength::insert(operation: $this->id, length: $this->leg(), cutting: $this->cutting, cuts: $cuts === [] ? 1 : 0, drawsIn: $drawsIn)], WitnessReading::across($shift, $this->cutting->witness));
    }

    public function checks(FrameDraft $draft): array
    {
        $shift = $draft->shifts->of($this->id);
        $depth = $draft->depth($this->at);
        $mitre = Sentence::of('plan.mitre', '{operation}: both joints of the leg are mitred by {mitre}{edges}; the leg is {leg} long on its centre line and runs {advance} rearward.',
            operation: $this->id,
            mitre: sprintf('%.1f°', $this->angle / 2),
            edges: $depth === null ? '' : Sentence::of('plan.mitre-edge', ', {offset} out of square across the depth', offset: Measure::computed($depth * tan(deg2rad($this->angle) / 2))),
            leg: Measure::computed($this->leg()),
            advance: Measure::computed($this->advance()),
        );

        return $shift === null ? [] : [$mitre, ...(new CutChecker($draft, $shift))->warnings()];
    }
}
