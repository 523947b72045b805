<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

use Geodex\Core\Calculators\Splice\SpliceOption;
use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Fields\Values;
use Geodex\Core\Frame\Side;
use Geodex\Core\Plan\CutLength;

/** What the cuts of a plan ask to be made: inserts of the rail, and the sleeves and plates of the joints. */
final readonly class PlanParts
{
    /** Rails that are cut. */
    private const RAILS = 2;

    /**
     * The insert of one cut, for both rails.
     *
     * @param  float  $cut  station
     */
    public static function insert(CutLength $length, float $cut, Chassis $chassis): ?ProposedPart
    {
        $section = $chassis->section(Side::Left, $cut) ?? $chassis->section(Side::Right, $cut);
        if ($length->what !== 'insert' || $section === null) {
            return null;
        }
        $given = ['length' => $length->piece, 'shape' => $section->rail->kind() === 'channel' ? 'channel' : 'rectangular', 'height' => $section->depth, 'width' => $section->width, 'wall' => $section->rail->thickness()];

        return new ProposedPart("plan:{$length->operation}:insert", "Insert, $length->operation", 'piece', $given, self::RAILS, "the plan, operation $length->operation");
    }

    /**
     * Sleeves and plates of one way of joining, which reach as far to either side; two joints where an insert is put in.
     *
     * @param  bool  $isFirst  whether it is the way that is proposed
     * @return list<ProposedPart>
     */
    public static function joint(string $operation, SpliceOption $option, bool $hasInsert, bool $isFirst): array
    {
        $parts = [];
        $joint = "plan:$operation:joint:";
        foreach ($option->parts as $part) {
            $one = Told::of($part);
            $given = $one->text('kind') === 'sleeve' ? self::sleeve($one) : self::plate($one);
            $id = $one->text('id');
            $parts[] = new ProposedPart($joint.$option->school::name().":$id", ucfirst($id).", $operation", $one->text('kind') === 'sleeve' ? 'press-brake' : 'offset-contour', $given, self::RAILS * ($hasInsert ? 2 : 1), "the joint of operation $operation: ".$option->school::label(), $joint, $isFirst);
        }

        return $parts;
    }

    /** @return array<string, mixed> folded from a sheet */
    private static function sleeve(Values $part): array
    {
        $section = $part->within('section');

        return [
            'thickness' => $section->number('thickness'), 'insideRadius' => $section->number('thickness'), 'flanges' => [$section->number('width'), $section->number('depth'), $section->number('width')], 'bends' => [90.0, 90.0],
            'length' => 2 * $part->within('each')->number('length'),
        ];
    }

    /** @return array<string, mixed> with its plug holes as round windows */
    private static function plate(Values $part): array
    {
        [$section, $each] = [$part->within('section'), $part->within('each')];
        [$half, $high] = [$each->number('length'), $section->optional('depth') ?? $section->number('width')];
        $plugs = $each->group('plugs');
        $windows = [];
        foreach ($plugs?->places('positions') ?? [] as [$x, $z]) {
            foreach ([$half - $x, $half + $x] as $at) {
                $windows[] = ['at' => [$at, $high / 2 + $z], 'length' => $plugs?->number('diameter'), 'height' => $plugs?->number('diameter'), 'radius' => ($plugs?->number('diameter') ?? 0.0) / 2];
            }
        }

        return [
            'contour' => [[0.0, 0.0], [2 * $half, 0.0], [2 * $half, $high], [0.0, $high]], 'offset' => 0.0, 'cornerRadius' => $section->number('thickness'), 'thickness' => $section->number('thickness'),
            ...($windows === [] ? [] : ['windows' => $windows, 'leastLigament' => 2 * $section->number('thickness')]),
        ];
    }
}
