<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Structure\FastenerGroup;
use Geodex\Core\Structure\StackedRectangles;

/** How a part is fastened on one side of the joint: placed plugs and fillets, or, on a flange plate, their number and length. */
final readonly class SpliceFastening
{
    private const THROAT = 0.7071;

    /**
     * @param  float  $length  of the part on this side (mm)
     * @param  ?FastenerGroup  $group  where they are placed
     * @param  float  $area  of all together (mm²), where they are not
     */
    private function __construct(public float $length, private ?FastenerGroup $group, private float $area) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::length('length', 'Length from the joint')->positive(),
            Field::group('plugs', 'Plug welds', [
                Field::length('diameter', 'Diameter')->positive(),
                Field::places('positions', 'Places', 2, help: 'From the joint, and height; on a flange plate off its centre line.')->optional(),
                Field::count('number', 'or how many', 'Flange plates only.')->between(1.0, 1000.0)->optional(),
            ])->optional(),
            Field::listing('fillets', 'Fillet welds', [
                Field::length('leg', 'Leg')->positive(),
                Field::lengths('from', 'From', 2)->optional(), Field::lengths('to', 'To', 2)->optional(),
                Field::length('length', 'or how long', 'Flange plates only.')->positive()->optional(),
            ], 0)->optional(),
        ];
    }

    /** @throws InvalidFields */
    public static function read(Values $given, StackedRectangles $section, bool $isFlangePlate, string $path): self
    {
        $plugs = $given->group('plugs');
        $fillets = $given->list('fillets');
        if ($plugs === null && $fillets === []) {
            throw InvalidFields::at($path, 'nothing holds it here: give plugs or fillets.');
        }
        $arePlaced = [];
        if ($plugs !== null) {
            $arePlaced[] = self::isPlaced(hasPlaces: $plugs->places('positions') !== [], hasAmount: $plugs->has('number'), path: "$path.plugs", places: 'positions', amount: 'number', isFlangePlate: $isFlangePlate);
        }
        foreach ($fillets as $i => $fillet) {
            $ends = [$fillet->numbers('from') !== [], $fillet->numbers('to') !== []];
            if ($ends[0] !== $ends[1]) {
                throw InvalidFields::at("$path.fillets[$i].".($ends[0] ? 'to' : 'from'), 'missing: a fillet runs from one place to another.');
            }
            $arePlaced[] = self::isPlaced(hasPlaces: $ends[0], hasAmount: $fillet->has('length'), path: "$path.fillets[$i]", places: 'from and to', amount: 'length', isFlangePlate: $isFlangePlate);
        }
        if (count(array_unique($arePlaced)) > 1) {
            throw InvalidFields::at($path, 'give the places of all plugs and fillets of a side, or of none.');
        }
        $length = $given->number('length');
        if (! $arePlaced[0]) {
            return new self($length, null, ($plugs?->number('number') ?? 0.0) * self::plug($plugs) + array_sum(array_map(fn (Values $one): float => self::THROAT * $one->number('leg') * $one->number('length'), $fillets)));
        }

        return new self($length, self::placed(plugs: $plugs, fillets: $fillets, length: $length, edges: $isFlangePlate ? self::across($section) : [$section->bottom, $section->top], path: $path), 0.0);
    }

    /**
     * Greatest stress when the part carries this: a flange plate along itself alone, another also shear and moment.
     *
     * @param  float  $z  height of the part's centroid (mm)
     * @param  float  $moment  N·mm
     * @return array{float, float} stress (MPa), moment at the fastening's centroid (N·mm)
     */
    public function carries(float $axial, float $shear, float $moment, float $z, bool $isFlangePlate, string $path): array
    {
        if ($this->group === null) {
            return [abs($axial) / $this->area, 0.0];
        }
        $force = [-$axial, $isFlangePlate ? 0.0 : -$shear];
        $about = $this->group->momentOf($force, [0.0, $isFlangePlate ? 0.0 : $z], $isFlangePlate ? 0.0 : $moment);
        if (! $this->group->carries($about)) {
            throw InvalidFields::at($path, 'one plug does not hold a moment: give two at a distance.');
        }

        return [$this->group->worst($force, $about), $isFlangePlate ? 0.0 : $about];
    }

    private static function isPlaced(bool $hasPlaces, bool $hasAmount, string $path, string $places, string $amount, bool $isFlangePlate): bool
    {
        if ($hasPlaces === $hasAmount) {
            throw InvalidFields::at($path, "give $places".($isFlangePlate ? ", or $amount; not both." : ': where each is.'));
        }
        if ($hasAmount && ! $isFlangePlate) {
            throw InvalidFields::at("$path.$amount", "only flange plates go by $amount: give $places.");
        }

        return $hasPlaces;
    }

    private static function plug(?Values $plugs): float
    {
        return M_PI / 4 * ($plugs?->number('diameter') ?? 0.0) ** 2;
    }

    /** @return array{float, float} how far it reaches to both sides of its centre line */
    private static function across(StackedRectangles $section): array
    {
        $half = max(array_column($section->rectangles, 2)) / 2;

        return [-$half, $half];
    }

    /**
     * @param  list<Values>  $fillets
     * @param  array{float, float}  $edges
     */
    private static function placed(?Values $plugs, array $fillets, float $length, array $edges, string $path): FastenerGroup
    {
        $points = $lines = [];
        foreach ($plugs?->places('positions') ?? [] as $i => $place) {
            $points[] = ['at' => self::onPart(place: $place, length: $length, edges: $edges, path: "$path.plugs.positions[$i]", isClear: $place[0] > 0.0), 'area' => self::plug($plugs)];
        }
        foreach ($fillets as $i => $fillet) {
            $line = [
                'from' => self::onPart(place: $fillet->numbers('from'), length: $length, edges: $edges, path: "$path.fillets[$i].from", isClear: true),
                'to' => self::onPart(place: $fillet->numbers('to'), length: $length, edges: $edges, path: "$path.fillets[$i].to", isClear: true),
                'throat' => self::THROAT * $fillet->number('leg'),
            ];
            if (FastenerGroup::length($line) <= 0.0) {
                throw InvalidFields::at("$path.fillets[$i].to", 'a weld has a length.');
            }
            $lines[] = $line;
        }

        return new FastenerGroup($points, $lines);
    }

    /**
     * @param  list<float>  $place
     * @param  array{float, float}  $edges
     * @return array{float, float}
     */
    private static function onPart(array $place, float $length, array $edges, string $path, bool $isClear): array
    {
        if (! $isClear || $place[0] < 0.0 || $place[0] > $length || $place[1] < $edges[0] || $place[1] > $edges[1]) {
            throw InvalidFields::at($path, sprintf('lies off the part, which reaches from 0 to %g along and from %g to %g across.', $length, ...$edges));
        }

        return [$place[0], $place[1]];
    }
}
