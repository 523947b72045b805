<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Chassis\Loads\CannotLoad;
use Geodex\Core\Chassis\Rail;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;
use Geodex\Core\Frame\Side;
use Geodex\Core\Structure\Section;

/**
 * A load beside a rail of this frame: what it twists it by between the crossmembers next to it, as the rail is, and closed by a plate.
 * A section has its origin at the back of the web, or in its middle where it is closed; the web of a channel looks outward.
 */
final readonly class LoadBeside
{
    private function __construct(private float $mass, private float $station, private Side $side, private float $outside, private float $plate) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::number('mass', 'What hangs there', 'kg')->between(0.0, 100_000.0)->positive(),
            Field::length('station', 'At station')->station(),
            Field::choice('side', 'On the rail', ['left', 'right'])->defaults('left'),
            Field::length('outside', 'Its middle outside the web', 'Towards the middle of the vehicle negative.')->defaults(250.0),
            Field::length('plate', 'Closing plate to compare with')->between(1.0, 30.0)->defaults(6.0),
        ];
    }

    public static function from(Values $given): self
    {
        return new self($given->number('mass'), $given->number('station'), Side::from($given->text('side')), $given->number('outside'), $given->number('plate'));
    }

    /**
     * @return array{from: float, to: float, asIs: array<string, mixed>, boxed: ?array<string, mixed>} places that hold the rail (mm), and what the calculator “torsion” tells of both
     *
     * @throws CannotLoad where no rail is there, its shear centre is not known, or nothing holds it on both sides
     */
    public function on(Chassis $chassis, float $factor): array
    {
        $rail = $chassis->rail($this->side, $this->station) ?? throw CannotLoad::noRail();
        [$from, $to] = $this->held($chassis);

        return [
            'from' => $from, 'to' => $to,
            'asIs' => $this->twist($rail, $rail->section($this->station, $chassis->lost($rail, $this->side, $this->station)), $from, $to, $factor),
            'boxed' => $rail->kind() === 'channel' && $rail->plate === null ? $this->twist($rail, $rail->closedBy($this->plate)->section($this->station), $from, $to, $factor) : null,
        ];
    }

    /** @return array<string, mixed> */
    private function twist(Rail $rail, Section $section, float $from, float $to, float $factor): array
    {
        $centre = $section->shearCentre() ?? throw CannotLoad::noShearCentre();
        $cell = $section->cell();
        $outside = $this->outside + ($rail->isChannel() ? 0.0 : $rail->width() / 2);

        return Calculators::run('torsion', [
            'mass' => $this->mass, 'loadY' => $rail->opensLeft() ? $outside : -$outside, 'freeLength' => $to - $from, 'held' => 'both-ends', 'at' => $this->station - $from, 'dynamicFactor' => $factor,
            'section' => ['torsion' => $cell === null ? 'open' : 'closed', 'torsionConstant' => $section->torsionConstant(), 'wallThickness' => $section->wallThickness(), 'shearCentreY' => $centre['y'], ...($cell === null ? [] : ['enclosedArea' => $cell->area])],
        ]);
    }

    /** @return array{float, float} stations of the crossmembers next to it (mm) */
    private function held(Chassis $chassis): array
    {
        $stations = array_map(fn (Fixture $one): float => $one->station, array_values(array_filter($chassis->fixtures, fn (Fixture $one): bool => $one->kind->bracesRails() && $one->side->is($this->side))));
        $before = array_filter($stations, fn (float $x): bool => $x < $this->station);
        $behind = array_filter($stations, fn (float $x): bool => $x > $this->station);

        return $before === [] || $behind === [] ? throw CannotLoad::notHeld() : [max($before), min($behind)];
    }
}
