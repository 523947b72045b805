<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Ids;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Calculators\Worst;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Structure\StackedRectangles;

/** Whether a rail is as strong at its joint as before, and where it is not. */
final readonly class SpliceCalculator implements Calculator
{
    /** More parts cross no joint. */
    private const MAX_ENTRIES = 20;

    private const HEAT_FACTOR = ['mild' => 1.0, 'highStrength' => 0.9];

    public static function name(): string
    {
        return 'splice';
    }

    public static function title(): string
    {
        return 'Splice of a rail';
    }

    public static function purpose(): string
    {
        return 'Whether a joint with sleeve and plates is as strong as the rail, whether its fastenings bring the load in and out, and the rail at the plates\' ends. Bending in the plane of the rail: no torsion, no fatigue, no buckling of the plates. A weld across the end of a plate on a flange in tension is where it cracks, whatever is said here.';
    }

    public static function source(): string
    {
        return 'Elastic composite beam: Hibbeler, Mechanics of Materials; fastenings by the elastic group (AISC Manual parts 7 and 8), 145 MPa = 0.30 of 483 (AISC Manual ASD; AWS D1.1). Factors of heat and dynamics: shop defaults.';
    }

    public static function fields(): array
    {
        $side = SpliceFastening::fields();

        return [
            Field::group('rail', 'Rail', [
                StackedSection::field('Section of one rail'),
                Field::number('yield', 'Yield', 'MPa')->positive(),
                Field::choice('steel', 'Steel', ['mild', 'highStrength', 'heatTreated']),
                Field::number('hazFactor', 'Yield left beside a weld', '', 'As a share; mild 1, high strength 0.9.')->between(0.3, 1.0)->optional(),
                Field::listing('holes', 'Holes', [
                    Field::length('x', 'Behind the joint'), Field::length('z', 'Above mid-height'), Field::length('diameter', 'Diameter')->positive(), Field::length('thickness', 'Of the plate')->positive(),
                    Field::choice('face', 'In the', ['web', 'flange'])->defaults('web'),
                ], 0)->optional(),
            ]),
            Field::number('moment', 'Moment at the joint, one rail', 'N·m'),
            Field::number('shear', 'Shear there', 'N', 'How the moment grows rearward.'),
            Field::number('dynamicFactor', 'Dynamic factor')->between(1.0, null)->defaults(2.0),
            Field::number('buttEfficiency', 'What the butt weld counts', '', '0: nothing.')->between(0.0, 1.0)->defaults(0.0),
            Field::number('safety', 'Safety on yield')->between(1.0, null)->defaults(1.5),
            Field::number('weldAllowable', 'Allowable of welds', 'MPa')->positive()->defaults(145.0),
            Field::number('density', 'Density', 'kg/m³')->positive()->defaults(7850.0),
            Field::listing(name: 'parts', label: 'Sleeves and plates', fields: [
                Field::text('id', 'Name')->optional(),
                Field::choice('kind', 'Kind', ['sleeve', 'webPlate', 'flangePlate']),
                StackedSection::field('Section'),
                Field::number('yield', 'Yield', 'MPa', 'Left empty: as the rail.')->positive()->optional(),
                Field::group('each', 'Both sides alike', $side)->optional(),
                Field::group('front', 'or front', $side)->optional(),
                Field::group('rear', 'and rear', $side)->optional(),
            ], minCount: 0, maxCount: self::MAX_ENTRIES)->optional(),
            Field::group('insert', 'Insert, alone', [StackedSection::field('Section'), Field::number('yield', 'Yield', 'MPa')->positive(), Field::length('x', 'Mid-length behind the joint')])->optional(),
        ];
    }

    public static function results(): array
    {
        $use = [Result::number('stress', 'stress', 'MPa'), Result::number('allowable', 'allowable', 'MPa'), Result::number('utilisation', 'used')];

        return [
            Result::truth('holds', 'Strong enough'),
            Result::group('governing', 'Governed by', [Result::word('place', 'place'), Result::named('part', 'part'), Result::word('side', 'side'), Result::number('utilisation', 'used')]),
            Result::group('joint', 'At the joint', [Result::number('ratioToRail', 'strength to the rail\'s'), Result::number('modulus', 'modulus', 'mm³'), Result::number('inertia', 'I', 'mm⁴'), Result::table('parts', 'Parts', [Result::named('id', 'part'), Result::number('developedShare', 'developed'), Result::number('momentShare', 'share of the moment'), ...$use])]),
            Result::table('development', 'Fastenings', [
                Result::named('id', 'part'), Result::word('side', 'side'), Result::number('axial', 'axial', 'N'), Result::number('shear', 'shear', 'N'), Result::number('moment', 'moment', 'N·m'), Result::number('utilisation', 'used'),
            ]),
            Result::table('railAtPlateEnds', 'Rail at the plates\' ends', [Result::word('side', 'side'), Result::length('x', 'at'), Result::number('moment', 'moment', 'N·m'), Result::number('stiffnessStep', 'step'), ...$use]),
            Result::group('insert', 'Insert', $use),
            Result::number('massAdded', 'Mass added, one rail', 'kg'),
        ];
    }

    public function calculate(Values $given): array
    {
        $rail = $given->within('rail');
        $heat = self::HEAT_FACTOR[$rail->text('steel')] ?? throw InvalidFields::at('rail.steel', 'heat-treated rails are not welded: bolted only, by the maker\'s instructions.');
        $heat = $rail->optional('hazFactor') ?? $heat;
        $section = StackedSection::read($rail->within('section'), 'rail.section');
        $parts = $this->parts($given, $rail->number('yield'));
        $butt = $given->number('buttEfficiency');
        if ($parts === [] && $butt === 0.0) {
            throw InvalidFields::at('parts', 'nothing crosses the joint: give a part, or a butt weld that counts.');
        }
        $factor = $given->number('dynamicFactor');
        $joint = new SpliceJoint(rail: $section, parts: $parts, butt: $butt, moment: abs($given->number('moment')) * $factor * 1000, shear: abs($given->number('shear')) * $factor, weldAllowable: $given->number('weldAllowable'));
        $full = $joint->fastenings(array_fill(0, count($parts), 1.0));
        $weights = $joint->developed($full);
        $developed = $joint->fastenings($weights);
        $at = $joint->stresses($weights, $rail->number('yield'), $heat, $given->number('safety'));
        $alone = $joint->moment / $section->modulus();
        $worst = max(array_column($at, 'stress'));
        $ends = new SpliceRailEnds(rail: $section, parts: $parts, holes: $this->holes($rail, $section), moment: $given->number('moment') * 1000, shear: $given->number('shear'), dynamicFactor: $factor);
        $development = array_map(fn (array $one, array $whole): array => [...$one, 'fullShareUtilisation' => $whole['utilisation']], $developed, $full);
        $railEnds = $ends->all($heat * $rail->number('yield') / $given->number('safety'));
        $insert = $this->insert($given, $factor);
        $governing = $this->governing($at, $development, $railEnds, $insert);

        return [
            'rail' => ['area' => $section->area, 'inertia' => $section->inertia, 'modulus' => $section->modulus(), 'stressAlone' => $alone, 'hazFactor' => $heat],
            'designMoment' => $joint->moment / 1000,
            'designShear' => $joint->shear,
            'joint' => [
                'axis' => $joint->axis($weights),
                'inertia' => $joint->inertia($weights),
                'fullInertia' => $joint->inertia(array_fill(0, count($parts), 1.0)),
                'modulus' => $worst > 0.0 ? $joint->moment / $worst : null,
                'ratioToRail' => $worst > 0.0 ? $alone / $worst : null,
                'parts' => $at,
            ],
            'development' => $development,
            'railAtPlateEnds' => $railEnds,
            'insert' => $insert,
            'governing' => $governing,
            'holds' => $governing['utilisation'] <= 1.0,
            'massAdded' => array_sum(array_map(fn (SplicePart $one): float => $one->section->area * ($one->front->length + $one->rear->length), $parts)) * $given->number('density') * 1e-9,
        ];
    }

    /** @return list<SplicePart> */
    private function parts(Values $given, float $yield): array
    {
        $entries = $given->list('parts');
        $ids = Ids::of($entries, 'part', 'parts');
        $parts = [];
        foreach ($entries as $i => $entry) {
            if ($ids[$i] === 'butt') {
                throw InvalidFields::at("parts[$i].id", '“butt” is the weld itself.');
            }
            $isFlangePlate = $entry->text('kind') === 'flangePlate';
            $shape = $entry->within('section');
            if ($isFlangePlate && ! in_array($shape->text('kind'), ['flat', 'strips'], true)) {
                throw InvalidFields::at("parts[$i].section.kind", 'a plate on a flange is flat, or strips.');
            }
            $section = StackedSection::read($shape, "parts[$i].section");
            [$front, $rear] = $this->sides($entry, "parts[$i]");
            $parts[] = new SplicePart(
                id: $ids[$i], isFlangePlate: $isFlangePlate, section: $section, yield: $entry->optional('yield') ?? $yield,
                front: SpliceFastening::read($front[0], $section, $isFlangePlate, $front[1]), rear: SpliceFastening::read($rear[0], $section, $isFlangePlate, $rear[1]),
            );
        }

        return $parts;
    }

    /** @return array{array{Values, string}, array{Values, string}} front and rear, each with its path */
    private function sides(Values $part, string $path): array
    {
        [$each, $front, $rear] = [$part->group('each'), $part->group('front'), $part->group('rear')];
        if ($each !== null && $front === null && $rear === null) {
            return [[$each, "$path.each"], [$each, "$path.each"]];
        }
        if ($each === null && $front !== null && $rear !== null) {
            return [[$front, "$path.front"], [$rear, "$path.rear"]];
        }
        throw InvalidFields::at($path, 'give each side alike (each), or front and rear; not both, and not one alone.');
    }

    /** @return list<array{x: float, diameter: float, rectangle: array{float, float, float}}> */
    private function holes(Values $rail, StackedRectangles $section): array
    {
        $holes = [];
        foreach ($rail->list('holes') as $i => $hole) {
            $isWeb = $hole->text('face') === 'web';
            $height = $hole->number($isWeb ? 'diameter' : 'thickness');
            if ($hole->number('z') + $height / 2 > $section->top || $hole->number('z') - $height / 2 < $section->bottom) {
                throw InvalidFields::at("rail.holes[$i].z", 'reaches beyond the outline of the rail.');
            }
            $holes[] = ['x' => $hole->number('x'), 'diameter' => $hole->number('diameter'), 'rectangle' => [$hole->number('z'), $height, $hole->number($isWeb ? 'thickness' : 'diameter')]];
        }

        return $holes;
    }

    /** @return ?array{x: float, moment: float, inertia: float, stress: float, allowable: float, utilisation: float} */
    private function insert(Values $given, float $factor): ?array
    {
        $insert = $given->group('insert');
        if ($insert === null) {
            return null;
        }
        $section = StackedSection::read($insert->within('section'), 'insert.section');
        $moment = abs($given->number('moment') + $given->number('shear') * $insert->number('x') / 1000) * $factor;
        $stress = $moment * 1000 / $section->modulus();
        $allowable = $insert->number('yield') / $given->number('safety');

        return ['x' => $insert->number('x'), 'moment' => $moment, 'inertia' => $section->inertia, 'stress' => $stress, 'allowable' => $allowable, 'utilisation' => $stress / $allowable];
    }

    /**
     * @param  non-empty-list<array{id: string, utilisation: float, ...}>  $joint
     * @param  list<array{id: string, side: string, utilisation: float, ...}>  $development
     * @param  list<array{side: string, parts: list<string>, utilisation: float, ...}>  $railEnds
     * @param  ?array{utilisation: float, ...}  $insert
     * @return array{place: string, part: ?string, side: ?string, utilisation: float}
     */
    private function governing(array $joint, array $development, array $railEnds, ?array $insert): array
    {
        $places = [
            ...array_map(fn (array $one): array => ['place' => 'joint', 'part' => $one['id'], 'side' => null, 'utilisation' => $one['utilisation']], $joint),
            ...array_map(fn (array $one): array => ['place' => 'development', 'part' => $one['id'], 'side' => $one['side'], 'utilisation' => $one['utilisation']], $development),
            ...array_map(fn (array $one): array => ['place' => 'railAtPlateEnd', 'part' => $one['parts'][0] ?? null, 'side' => $one['side'], 'utilisation' => $one['utilisation']], $railEnds),
            ...($insert === null ? [] : [['place' => 'insert', 'part' => null, 'side' => null, 'utilisation' => $insert['utilisation']]]),
        ];

        return Worst::of($places);
    }
}
