<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\ShopDefault;
use Geodex\Core\Structure\ButtJoint;

/** How long an insert is sawn, or how far apart the cuts of a band are marked, so that the rail comes out right after welding. */
final readonly class InsertCalculator implements Calculator, HasShopDefaults
{
    /** How many kerfs are taken off between the marks, by the side that the saw runs on. */
    private const KERFS = ['waste' => 0, 'centre' => 1, 'keep' => 2];

    private const GROOVE_ANGLE = 60.0;

    public static function name(): string
    {
        return 'insert';
    }

    public static function title(): string
    {
        return 'Insert or band';
    }

    public static function purpose(): string
    {
        return 'How long an insert is sawn, or how far apart the marks of a band are, with kerf, root gaps and what the welds draw in. Support both halves, and follow the vehicle maker\'s instructions.';
    }

    public static function source(): string
    {
        return 'Shrinkage square to a joint: 0.10 A/t (Blodgett, Design of Welded Structures) or 0.20 A/t + 0.05 g (AWS Welding Handbook, after Spraragen and Ettinger); single V from one side, thin plate, free to shrink. Prefer the shop\'s own measured shrinkage.';
    }

    public static function shopDefaults(): array
    {
        return [new ShopDefault('Welding', Field::number('grooveAngle', 'Whole angle of a single V', '°')->between(0.0, 120.0)->defaults(self::GROOVE_ANGLE), 'Usual preparation of a butt in plate; shop default.')];
    }

    public static function fields(): array
    {
        return [
            Field::choice('operation', 'What is done', ['stretch', 'shorten']),
            Field::length('amount', 'Length gained or lost along the rail')->positive(),
            Field::length('kerf', 'Saw cut', 'Width of one, square to the cut.')->between(0.0, null)->defaults(0.0),
            Field::count('cuts', 'Saw cuts through the rail', 'Stretch only; usually one.')->between(1.0, 10.0)->optional(),
            Field::choice('kerfSide', 'The saw runs on the side of', array_keys(self::KERFS), 'Shorten only: inside the band, on the mark, outside it.')->optional(),
            Field::length('rootGap', 'Root gap', 'Square to the joint.')->between(0.0, null),
            Field::count('joints', 'Butt welds that close the length', 'Usually two for a stretch, one for a shorten.')->between(1.0, 20.0)->optional(),
            Field::length('thickness', 'Thickness')->positive(),
            Field::number('grooveAngle', 'Whole angle of the V', '°')->between(0.0, 120.0)->defaults(self::GROOVE_ANGLE)->proposing('grooveAngle'),
            Field::length('land', 'Land', 'Height of the root face that is not bevelled.')->between(0.0, null)->defaults(0.0),
            Field::length('capHeight', 'Cap', 'Height of the weld above the plate.')->between(0.0, null)->defaults(0.0),
            Field::number('jointAngle', 'Joint out of square with the rail', '°')->between(0.0, 60.0)->defaults(0.0),
            Field::choice('shrinkageMethod', 'Shrinkage by', ['average-width', 'area-and-gap'])->defaults('average-width'),
            Field::length('shrinkagePerJoint', 'Shrinkage that the shop has measured', 'For each joint; in place of the method.')->between(0.0, null)->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::length('length', 'Insert to saw, or marks apart'),
            Result::length('removed', 'Lost from the rail'),
            Result::length('slugLength', 'Piece that falls out'),
            Result::number('weldArea', 'Weld area', 'mm²'),
            Result::length('faceWidth', 'Width of the weld face'),
            Result::length('shrinkagePerJoint', 'Shrinkage of a joint'),
            Result::table('terms', 'Made up of', [Result::word('name', 'of'), Result::length('value', 'length')]),
        ];
    }

    public function calculate(Values $given): array
    {
        $isStretch = $given->text('operation') === 'stretch';
        $this->mustFit($given, $isStretch);
        [$gap, $thickness, $land] = [$given->number('rootGap'), $given->number('thickness'), $given->number('land')];
        $joint = new ButtJoint(gap: $gap, thickness: $thickness, groove: $given->number('grooveAngle'), land: $land, cap: $given->number('capHeight'));
        $methods = ['average-width' => $joint->averageWidth, 'area-and-gap' => $joint->areaAndGap];
        $shrinkage = $given->optional('shrinkagePerJoint') ?? $methods[$given->text('shrinkageMethod')];

        $joints = $given->optional('joints') ?? ($isStretch ? 2.0 : 1.0);
        $along = cos(deg2rad($given->number('jointAngle')));
        $kerf = $given->number('kerf') / $along;
        $sign = $isStretch ? 1 : -1;
        $terms = [
            'amount' => $given->number('amount'),
            'kerf' => $isStretch ? ($given->optional('cuts') ?? 1.0) * $kerf : -self::KERFS[$given->text('kerfSide') ?: 'waste'] * $kerf,
            'rootGap' => -$sign * $joints * $gap / $along,
            'shrinkage' => $sign * $joints * $shrinkage / $along,
        ];
        $length = array_sum($terms);
        $result = [
            'operation' => $given->text('operation'),
            'weldArea' => $joint->area,
            'faceWidth' => $joint->faceWidth,
            'shrinkagePerJoint' => $shrinkage,
            'shrinkageRange' => [min($methods), max($methods)],
            'length' => $length,
            'terms' => array_map(fn (string $name, float $value): array => ['name' => $name, 'value' => $value + 0.0], array_keys($terms), $terms),
        ];
        if ($length <= 0.0) {
            throw InvalidFields::at('amount', 'kerf, gaps and shrinkage leave no length to saw.');
        }
        if ($isStretch) {
            return $result;
        }
        $removed = $given->number('amount') + $joints * ($gap - $shrinkage) / $along;
        if ($removed - 2 * $kerf < 0.0) {
            throw InvalidFields::at('kerf', 'the two saw cuts of the band overlap.');
        }

        return [...$result, 'removed' => $removed, 'slugLength' => $removed - 2 * $kerf];
    }

    private function mustFit(Values $given, bool $isStretch): void
    {
        match (true) {
            $given->number('land') > $given->number('thickness') => throw InvalidFields::at('land', 'the root face is not higher than the plate is thick.'),
            ! $isStretch && $given->has('cuts') => throw InvalidFields::at('cuts', 'a band is cut out by its two marks; give this with a stretch only.'),
            $isStretch && $given->has('kerfSide') => throw InvalidFields::at('kerfSide', 'an insert makes up the whole kerf; give this with a shorten only.'),
            default => null,
        };
    }
}
