<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Structure\AxleSupport;
use Geodex\Core\Structure\BendingFrequency;
use Geodex\Core\Structure\FrameBeam;
use Geodex\Core\Structure\MovingMassEnvelope;

/** What loads do to a frame on its axles: reactions, moments, stress, deflection, and how the first bending frequency changes. */
final readonly class BeamCalculator implements Calculator
{
    private const GRAVITY = 9.80665;

    /** More masses are listed by nobody, and would take long. */
    private const MAX_ENTRIES = 100;

    public static function name(): string
    {
        return 'beam';
    }

    public static function title(): string
    {
        return 'Frame as a beam';
    }

    public static function purpose(): string
    {
        return 'Axle loads, bending moment, stress, sag and first bending frequency of a frame, before and after. Static with a factor; no torsion, no braking. Compare before with after.';
    }

    public static function source(): string
    {
        return 'Macaulay\'s method, any text on mechanics of materials; frequency by Rayleigh; E 210 000 MPa (EN 1993-1-1); dynamic factor: body-builder practice, 2 to 3 on the road, 3 to 4 off it, shop default.';
    }

    public static function fields(): array
    {
        return [
            Field::listing(name: 'supports', label: 'Axles, the front one first', fields: [
                Field::text('id', 'Name')->optional(),
                Field::length('station', 'Station'),
                Field::lengths('hangers', 'Hangers, before and behind', 2)->optional(),
            ], minCount: 2, maxCount: 2),
            Field::listing(name: 'masses', label: 'Masses at a point', fields: [Field::text('name', 'What')->optional(), Field::length('station', 'Station'), Field::number('mass', 'Mass', 'kg')->positive()], minCount: 0, maxCount: self::MAX_ENTRIES)->optional(),
            Field::listing(name: 'spreads', label: 'Masses spread evenly', fields: [Field::text('name', 'What')->optional(), Field::length('from', 'From'), Field::length('to', 'To'), Field::number('mass', 'Mass', 'kg')->positive()], minCount: 0, maxCount: self::MAX_ENTRIES)->optional(),
            Field::lengths('stations', 'Stations wanted', 0, 200)->optional(),
            Field::number('dynamicFactor', 'Dynamic factor', '', 'Multiplies stress only.')->between(1.0, 10.0)->defaults(1.0)->proposing('dynamicFactor'),
            Field::group('section', 'Section of one rail', [
                Field::number('Iy', 'I, seen from the side', 'mm⁴')->positive(),
                Field::group('sectionModulus', 'Section modulus', [Field::number('top', 'Top', 'mm³')->positive(), Field::number('bottom', 'Bottom', 'mm³')->positive()]),
                Field::number('railShare', 'Part of the load that it carries')->between(0.0, 1.0)->positive()->defaults(0.5),
                Field::number('elasticModulus', 'E', 'MPa')->positive()->defaults(210_000.0),
            ])->optional(),
            Field::group('moving', 'A mass that moves along', [
                Field::text('name', 'What')->optional(), Field::number('mass', 'Mass', 'kg')->positive(), Field::length('from', 'From'), Field::length('to', 'To'), Field::count('steps', 'Steps')->between(1.0, 1000.0)->defaults(100.0),
            ])->optional(),
        ];
    }

    public static function results(): array
    {
        $moment = [Result::number('moment', 'moment', 'N·m'), Result::length('station', 'at')];

        return [
            Result::number('totalMass', 'Mass', 'kg'),
            Result::length('centreOfMass', 'Centre of mass'),
            Result::group('greatestMoment', 'Greatest', $moment),
            Result::group('leastMoment', 'Least', $moment),
            Result::group('greatestStress', 'Greatest stress', [Result::number('stress', 'stress', 'MPa'), Result::length('station', 'at')]),
            Result::number('bendingFrequency', 'First bending frequency', 'Hz'),
            Result::table('reactions', 'Axles', [Result::named('id', 'axle'), Result::number('mass', 'carries', 'kg'), Result::truth('uplift', 'lifts')]),
            Result::table('stations', 'Stations', [
                Result::length('station', 'station'), Result::number('shearAfter', 'shear behind', 'N'), Result::number('moment', 'moment', 'N·m'), Result::number('stressTop', 'stress, top', 'MPa'),
                Result::number('stressBottom', 'bottom', 'MPa'), Result::length('deflection', 'deflection'),
            ]),
        ];
    }

    public function calculate(Values $given): array
    {
        $supports = $this->supports($given);
        $points = array_map(fn (Values $one): array => [$one->number('station'), $one->number('mass')], $given->list('masses'));
        $spreads = $this->spreads($given);
        if ($points === [] && $spreads === []) {
            throw InvalidFields::at('masses', 'give at least one mass or spread.');
        }
        $beam = $this->beam($supports, $points, $spreads);
        [$greatest, $least] = $beam->extremes();
        $section = $given->group('section');
        $total = array_sum(array_column($points, 1)) + array_sum(array_column($spreads, 2));
        $about = array_sum(array_map(fn (array $one): float => $one[0] * $one[1], $points)) + array_sum(array_map(fn (array $one): float => ($one[0] + $one[1]) / 2 * $one[2], $spreads));

        return [
            'totalMass' => $total,
            'centreOfMass' => $about / $total,
            'reactions' => $this->reactions($beam),
            'stations' => array_map(fn (float $x): array => $this->station($beam, $x, $given), $given->numbers('stations')),
            'greatestMoment' => ['moment' => $greatest[0] / 1000, 'station' => $greatest[1]],
            'leastMoment' => ['moment' => $least[0] / 1000, 'station' => $least[1]],
            'greatestStress' => $section === null ? null : $this->greatestStress($given, $section, $greatest, $least),
            'bendingFrequency' => $section === null ? null : BendingFrequency::of($supports, $points, $spreads, $this->compliance($section)),
            'envelope' => $this->envelope($given, $supports, $points, $spreads),
        ];
    }

    /** @return list<AxleSupport> */
    private function supports(Values $given): array
    {
        $supports = [];
        foreach ($given->list('supports') as $i => $one) {
            $hangers = $one->numbers('hangers');
            $station = $one->number('station');
            if ($hangers !== [] && ($hangers[0] >= $station || $hangers[1] <= $station)) {
                throw InvalidFields::at("supports[$i].hangers", 'one hanger stands before the axle and one behind it.');
            }
            $supports[] = new AxleSupport($one->text('id') !== '' ? $one->text('id') : ['front', 'rear'][$i], $station, $hangers === [] ? null : [$hangers[0], $hangers[1]]);
        }
        if ($supports[0]->station >= $supports[1]->station) {
            throw InvalidFields::at('supports', 'the front axle comes first.');
        }

        return $supports;
    }

    /** @return list<array{float, float, float}> from, to, kg */
    private function spreads(Values $given): array
    {
        $spreads = [];
        foreach ($given->list('spreads') as $i => $one) {
            if ($one->number('to') <= $one->number('from')) {
                throw InvalidFields::at("spreads[$i].to", 'has to lie behind from.');
            }
            $spreads[] = [$one->number('from'), $one->number('to'), $one->number('mass')];
        }

        return $spreads;
    }

    /**
     * @param  list<AxleSupport>  $supports
     * @param  list<array{float, float}>  $points  kg
     * @param  list<array{float, float, float}>  $spreads  kg
     */
    private function beam(array $supports, array $points, array $spreads): FrameBeam
    {
        return new FrameBeam($supports, array_map(fn (array $one): array => [$one[0], $one[1] * self::GRAVITY], $points), array_map(fn (array $one): array => [$one[0], $one[1], $one[2] * self::GRAVITY], $spreads));
    }

    /** @return list<array<string, mixed>> */
    private function reactions(FrameBeam $beam): array
    {
        return array_map(fn (AxleSupport $support, float $force): array => [
            'id' => $support->id, 'force' => $force, 'mass' => $force / self::GRAVITY, 'uplift' => $force < 0.0,
            'hangers' => $support->hangers === null ? null : array_map(fn (array $one): float => $one[1] * $force, $support->shares()),
        ], $beam->supports, $beam->reactions);
    }

    /** @return array<string, float> */
    private function station(FrameBeam $beam, float $x, Values $given): array
    {
        $section = $given->group('section');
        $moment = $beam->moment($x);
        $is = ['station' => $x, 'shearBefore' => $beam->shear($x, false), 'shearAfter' => $beam->shear($x, true), 'moment' => $moment / 1000];
        if ($section === null) {
            return $is;
        }
        $factored = $given->number('dynamicFactor') * $section->number('railShare') * $moment;
        $modulus = $section->group('sectionModulus');

        return [
            ...$is,
            'stressTop' => -$factored / ($modulus?->number('top') ?? 1.0),
            'stressBottom' => $factored / ($modulus?->number('bottom') ?? 1.0),
            'deflection' => $beam->deflectionTimesStiffness($x) * $this->compliance($section),
        ];
    }

    private function compliance(Values $section): float
    {
        return $section->number('railShare') / ($section->number('elasticModulus') * $section->number('Iy'));
    }

    /**
     * @param  array{float, float}  $greatest
     * @param  array{float, float}  $least
     * @return array{stress: float, station: float}
     */
    private function greatestStress(Values $given, Values $section, array $greatest, array $least): array
    {
        $modulus = $section->group('sectionModulus');
        $worse = abs($least[0]) > abs($greatest[0]) ? $least : $greatest;

        return ['stress' => $given->number('dynamicFactor') * $section->number('railShare') * abs($worse[0]) / min($modulus?->number('top') ?? 1.0, $modulus?->number('bottom') ?? 1.0), 'station' => $worse[1]];
    }

    /**
     * @param  list<AxleSupport>  $supports
     * @param  list<array{float, float}>  $points
     * @param  list<array{float, float, float}>  $spreads
     * @return ?array<string, mixed>
     */
    private function envelope(Values $given, array $supports, array $points, array $spreads): ?array
    {
        $moving = $given->group('moving');
        if ($moving === null) {
            return null;
        }
        [$from, $to, $steps] = [$moving->number('from'), $moving->number('to'), (int) $moving->number('steps')];
        if ($to <= $from) {
            throw InvalidFields::at('moving.to', 'has to lie behind from.');
        }
        $at = function (int $i) use ($from, $to, $steps, $moving, $supports, $points, $spreads): array {
            $position = $from + $i * ($to - $from) / $steps;

            return ['position' => $position, 'beam' => $this->beam($supports, [...$points, [$position, $moving->number('mass')]], $spreads)];
        };

        return (new MovingMassEnvelope(array_map($at, range(0, $steps))))->at($given->numbers('stations'));
    }
}
