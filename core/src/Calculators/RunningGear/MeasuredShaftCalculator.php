<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Words\Sentence;

/** One to three shafts from what a person under the vehicle can measure: a level, a tape between joints, a plumb line, the yoke's stand. */
final readonly class MeasuredShaftCalculator implements Calculator
{
    private const SHAFTS = ['first', 'second', 'third'];

    public static function name(): string
    {
        return 'measured-shaft';
    }

    public static function title(): string
    {
        return 'Driveshaft as measured under the vehicle';
    }

    public static function purpose(): string
    {
        return 'From a level on machined faces, a tape from joint to joint and the stand of the yoke: where each joint is, what each bends and what that does at speed. No coordinates, no chart. Ears are taken as in line; the tool for angles and unevenness takes phases, other joints and limits.';
    }

    public static function source(): string
    {
        return 'Vector algebra; '.TrainCalculator::source();
    }

    public static function fields(): array
    {
        $shaft = fn (string $name, string $label): Field => Field::group($name, $label, [
            Field::number('fall', 'Falls toward the axle', '°', 'A level along the tube; where it rises: minus.')->between(-60.0, 60.0), Field::length('length', 'Joint to joint', 'For a shaft in front of a centre bearing: to the joint behind the bearing.')->positive(),
        ]);

        return [
            Field::number('speed', 'Fastest it turns', 'rev/min')->positive(),
            Field::number('gearbox', 'Gearbox falls toward the axle', '°', 'A level on a machined face of its output, square to the flange.')->between(-60.0, 60.0),
            $shaft('first', 'First shaft'), $shaft('second', 'Second shaft')->optional(), $shaft('third', 'Third shaft')->optional(),
            Field::number('pinion', 'Pinion falls toward the axle', '°', 'A level on the face of its flange gives 90° less this.')->between(-60.0, 60.0),
            Field::length('right', 'Last joint right of the first', 'Plumb lines from both, a tape across on the floor.')->optional(),
            Field::length('standOut', 'Yoke stands out of its stop', 'From where it would bottom to where it is.')->between(0.0, null)->optional(),
            Field::length('possible', 'Slip in all, bottomed to apart')->positive()->optional(),
        ];
    }

    public static function results(): array
    {
        $train = array_values(array_filter(TrainCalculator::results(), fn (Result $one): bool => in_array($one->name, ['state', 'residual', 'acceleration', 'residualLimit', 'angleLimit', 'joints', 'shafts', 'cure'], true)));

        return [
            ...$train,
            Result::table('places', 'Joints, from the first', [Result::length('rearward', 'rearward'), Result::length('right', 'right'), Result::length('up', 'up')]),
            Result::length('straight', 'First joint to last, straight'), Result::length('engagement', 'Slip engaged'), Result::sentence('assumed', 'Assumed'),
        ];
    }

    public function calculate(Values $given): array
    {
        $shafts = $this->shafts($given);
        [$standOut, $possible] = [$given->optional('standOut'), $given->optional('possible')];
        if ($standOut !== null && $possible !== null && $standOut > $possible) {
            throw InvalidFields::at('standOut', 'is more than the slip in all: the shaft is apart.');
        }
        $sideways = rad2deg(asin($this->sine($given, $shafts)));
        $train = Calculators::run('train', [
            'speed' => $given->number('speed'), 'input' => ['fall' => $given->number('gearbox')], 'output' => ['fall' => $given->number('pinion')],
            'joints' => array_fill(0, count($shafts) + 1, ['kind' => 'cardan']), 'shafts' => array_map(fn (Values $one): array => ['fall' => $one->number('fall'), 'right' => $sideways], $shafts),
        ]);
        $places = [[0.0, 0.0, 0.0]];
        $at = null;
        foreach ($shafts as $one) {
            $along = ShaftAxis::at($one->number('fall'), $sideways, 1)->times($one->number('length'));
            $at = $at === null ? $along : $at->plus($along);
            $places[] = $at->toArray();
        }

        return [
            ...$train, 'shafts' => array_map(fn (mixed $told, Values $one): array => [...(is_array($told) ? $told : []), 'length' => $one->number('length')], is_array($train['shafts']) ? $train['shafts'] : [], $shafts),
            'places' => array_map(fn (array $place): array => array_combine(['rearward', 'right', 'up'], $place), $places), 'straight' => $at?->norm(),
            'engagement' => $standOut === null || $possible === null ? null : $possible - $standOut, 'assumed' => $this->assumed($given),
        ];
    }

    /** @return list<Values> */
    private function shafts(Values $given): array
    {
        if ($given->has('third') && ! $given->has('second')) {
            throw InvalidFields::at('second', 'missing: the third shaft hangs on it.');
        }

        return array_map(fn (string $name): Values => $given->within($name), array_values(array_filter(self::SHAFTS, $given->has(...))));
    }

    /**
     * Of the angle in plan that brings the last joint to its side, all shafts taken as one line from above.
     *
     * @param  list<Values>  $shafts
     */
    private function sine(Values $given, array $shafts): float
    {
        $level = array_sum(array_map(fn (Values $one): float => $one->number('length') * cos(deg2rad($one->number('fall'))), $shafts));
        $sine = ($given->optional('right') ?? 0.0) / $level;

        return abs($sine) <= sin(deg2rad(60.0)) ? $sine : throw InvalidFields::at('right', sprintf('is too far for shafts of %.0f mm on the level: they would stand more than 60° askew.', $level));
    }

    private function assumed(Values $given): Sentence
    {
        return Sentence::together(
            Sentence::plain('gear.as-measured', 'Pinion kept at the angle it was measured at; gearbox and pinion point straight ahead; ears in line.'),
            $given->has('right') ? null : Sentence::plain('gear.straight-from-above', 'Nothing was said of how far the last joint stands to one side: taken as straight behind the first.'),
            $given->has('standOut') && $given->has('possible') ? null : Sentence::plain('gear.no-slip', 'Slip not given: whether it comes apart or bottoms is not known.'),
        );
    }
}
