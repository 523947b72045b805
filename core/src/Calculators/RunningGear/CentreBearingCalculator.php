<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;

/** Where the centre bearing hangs and how the pinion stands, so that least is left. */
final readonly class CentreBearingCalculator implements Calculator
{
    public static function name(): string
    {
        return 'centre-bearing';
    }

    public static function title(): string
    {
        return 'Centre bearing and pinion';
    }

    public static function purpose(): string
    {
        return 'Tries every height of the bearing and every fall of the pinion within what can be bolted, at rest and wound up, and takes what stays within its limits with least left at the end. Never worse than what is there.';
    }

    public static function source(): string
    {
        return 'Search over the first-order sums (Universal Joints and Driveshafts, chapter 1); limits: shop defaults.';
    }

    public static function fields(): array
    {
        return [
            Field::number('speed', 'Greatest speed', 'rev/min')->positive(),
            Field::lengths('frontJoint', 'Front joint', 3, help: 'Rearward, right, up.'),
            Field::lengths('pinionJoint', 'Joint at the pinion', 3),
            Field::group('input', 'Gearbox', ShaftAxis::fields()),
            Field::group('bearing', 'Centre bearing', [Field::length('x', 'at station'), Field::length('y', 'right', 'Left empty: on the straight line.')->optional(), Field::length('lowest', 'lowest'), Field::length('highest', 'highest'), Field::length('step', 'in steps of')->between(0.1, null)->defaults(1.0), Field::length('overhang', 'Middle joint behind it by')->between(0.0, null)->defaults(0.0)]),
            Field::group('pinion', 'Pinion', [Field::number('lowest', 'falls at least', '°')->between(-60.0, 60.0), Field::number('highest', 'at most', '°')->between(-60.0, 60.0), Field::number('step', 'in steps of', '°')->between(0.02, null)->defaults(0.1), Field::number('right', 'runs to the right', '°')->between(-60.0, 60.0)->defaults(0.0), Field::choice('school', 'way', ['any', 'parallel', 'brokenBack'])->defaults('any')]),
            Field::series('phases', 'Yokes out of line', '°', 2, 2)->between(-180.0, 180.0)->optional(),
            Field::series('wrap', 'Axle wound up by', '°', 1, 20)->between(-30.0, 30.0)->optional(),
            TrainLimits::field(withMargin: true),
            Field::group('tube', 'Tube', [Field::length('outer', 'outer diameter')->positive(), Field::length('wall', 'wall')->positive()])->optional(),
            Field::number('torque', 'Torque', 'N·m')->positive()->optional(),
            Field::group('present', 'As it is', [Field::length('z', 'bearing at height'), Field::number('fall', 'pinion falls', '°')->between(-60.0, 60.0)])->optional(),
        ];
    }

    public static function results(): array
    {
        $layout = [
            Result::word('state', 'state'), Result::lengths('bearing', 'bearing'), Result::number('pinionFall', 'pinion falls', '°'), Result::number('couplingFall', 'front shaft falls', '°'), Result::number('rearFall', 'rear shaft falls', '°'), Result::lengths('lengths', 'lengths'), Result::numbers('angles', 'angles', '°'),
            Result::number('residual', 'left at most', '°'), Result::number('excess', 'over its limits by, share'), Result::table('wrap', 'wound up', [Result::number('wrap', 'by', '°'), Result::number('residual', 'left', '°'), Result::number('acceleration', 'train', 'rad/s²'), Result::number('worst', 'worst shaft', 'rad/s²')]), Result::number('bearingForce', 'force of the bearing', 'N'),
        ];

        return [Result::group('best', 'Best', $layout), Result::group('present', 'As it is', $layout), Result::group('onePiece', 'In one piece', [Result::length('length', 'length'), Result::number('angle', 'angle at the gearbox', '°'), Result::number('criticalSpeed', 'critical speed', 'rev/min'), Result::word('state', 'speed')])];
    }

    public function calculate(Values $given): array
    {
        $search = BearingSearch::of($given);
        [$z, $fall] = $search->best();
        $present = $given->group('present');

        return [
            'speed' => $given->number('speed'), 'best' => $search->told($z, $fall), 'present' => $present === null ? null : $search->told($present->number('z'), $present->number('fall')), 'onePiece' => $search->onePiece(),
        ];
    }
}
