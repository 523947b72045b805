<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Chassis\Loads\LoadKind;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;
use Geodex\Core\Shop\Shop;

/** A place where a rail is to be joined: its section there, what it bears, and the stock that the shop would put in. */
final readonly class SpliceSite
{
    /** Clearance of a sleeve on each side (mm): methods of the plan, section 12. */
    public const FIT_MM = 0.5;

    private function __construct(
        public float $station,
        public string $kind,
        public float $depth,
        public float $width,
        public float $thickness,
        public float $insideRadius,
        public float $yield,
        public string $steel,
        public float $moment,
        public float $shear,
        public LoadKind $case,
        public float $factor,
        public float $length,
        public float $sleeve,
        public float $plate,
        public float $leg,
        public float $butt,
        public float $slant,
        public ?float $insertLength,
        public float $insertWall,
        public Shop $shop,
    ) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::length('at', 'Joint at station')->station(),
            Field::length('length', 'Parts reach, each side')->between(50.0, 2000.0)->defaults(300.0)->proposing('longestPart'),
            Field::length('sleeve', 'Sleeve, thickness', 'Left empty: a millimetre less than the rail.')->between(1.0, 30.0)->optional(),
            Field::length('plate', 'Outer plate, thickness', 'Left empty: as the rail.')->between(1.0, 30.0)->optional(),
            Field::length('leg', 'Leg of the fillets')->between(2.0, 20.0)->defaults(5.0),
            Field::number('butt', 'An inspected butt counts', '', '1: as the rail; less where nobody inspects its root.')->between(0.1, 1.0)->defaults(1.0),
            Field::number('slant', 'Slant of a slanted cut', '°')->between(5.0, 60.0)->defaults(30.0),
            Field::length('insertLength', 'Insert put in there, length', 'Left empty: none.')->positive()->optional(),
            Field::length('insertWall', 'Insert, wall', 'Left empty: as the rail.')->between(1.0, 40.0)->optional(),
        ];
    }

    /**
     * The weaker rail at a station under the case that bends it most.
     *
     * @throws CannotSplice if no rail or no yield is known there, or it is no channel or box
     */
    public static function of(Chassis $chassis, FrameLoads $loads, Values $given): self
    {
        $at = $given->number('at');
        $strength = $loads->weaker($at) ?? throw CannotSplice::noRail($at);
        $section = $chassis->section($strength->side, $at) ?? throw CannotSplice::noRail($at);
        $rail = $section->rail;
        $kind = $rail->kind();
        if (! in_array($kind, ['channel', 'box', 'tube'], true)) {
            throw CannotSplice::otherShape($kind);
        }
        [$case, $moment, $shear] = self::worst($loads, $at);

        return new self(
            station: $at, kind: $kind === 'channel' ? 'channel' : 'box', depth: $section->depth, width: $section->width, thickness: $rail->thickness() - $section->lost, insideRadius: $rail->insideRadius(),
            yield: $rail->yield ?? throw CannotSplice::noYield($rail->id()), steel: ['mild' => 'mild', 'high-strength' => 'highStrength', 'heat-treated' => 'heatTreated'][$rail->steel->value],
            moment: $moment / 2, shear: $shear / 2, case: $case, factor: $loads->factorOf($case), length: $given->number('length'),
            sleeve: $given->optional('sleeve') ?? max(3.0, floor($rail->thickness()) - 1.0), plate: $given->optional('plate') ?? max(3.0, round($rail->thickness())), leg: $given->number('leg'),
            butt: $given->number('butt'), slant: $given->number('slant'), insertLength: $given->optional('insertLength'), insertWall: $given->optional('insertWall') ?? $rail->thickness(), shop: $loads->shop,
        );
    }

    /** Plugs of this hole, in a plate of this thickness: t + 8 and no smaller than 14 (mm). */
    public function plug(float $holed): float
    {
        return max(14.0, ceil($holed + 8.0));
    }

    /** @return array<string, mixed> as the calculator “splice” takes it, without its parts */
    public function document(): array
    {
        $section = ['kind' => $this->kind, 'depth' => $this->depth, 'width' => $this->width, 'thickness' => $this->thickness];

        return [
            'rail' => ['section' => $section, 'yield' => $this->yield, 'steel' => $this->steel],
            'moment' => $this->moment, 'shear' => $this->shear, 'dynamicFactor' => $this->factor,
            ...($this->insertLength === null ? [] : ['insert' => ['section' => [...$section, 'thickness' => $this->insertWall], 'yield' => $this->yield, 'x' => $this->insertLength / 2]]),
        ];
    }

    /** @return array{LoadKind, float, float} case, moment (N·m) and shear (N, how the moment grows rearward) of both rails */
    private static function worst(FrameLoads $loads, float $at): array
    {
        $worst = [$loads->cases[0]->kind, 0.0, 0.0];
        foreach ($loads->cases as $case) {
            [$before, $here, $behind] = $case->moments([$at - 1.0, $at, $at + 1.0]);
            // On a jack nothing shakes: its moment counts without the factor.
            if (abs($here) * $loads->factorOf($case->kind) >= abs($worst[1]) * $loads->factorOf($worst[0])) {
                $worst = [$case->kind, $here, ($behind - $before) * 1000 / 2];
            }
        }

        return $worst;
    }
}
