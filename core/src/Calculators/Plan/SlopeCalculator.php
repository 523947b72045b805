<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** A stretch or a shorten where the rails rise or taper: what the ends miss each other by, and how the vehicle stands afterwards. */
final readonly class SlopeCalculator implements Calculator
{
    private const OF_SHORTEN = ['slopeRear', 'taperRear', 'bandRise', 'depthFront', 'depthRear', 'thicknessFront', 'thicknessRear'];

    private const PAIRS = [['depthFront', 'depthRear'], ['thicknessFront', 'thicknessRear']];

    public static function name(): string
    {
        return 'slope';
    }

    public static function title(): string
    {
        return 'Cut on a sloped or tapered rail';
    }

    public static function purpose(): string
    {
        return 'What the rail ends miss each other by after a cut on a slope or a taper, the wheelbase along the ground, and the attitude. Both rails alike; the slope between the cuts changes evenly; tyres and springs unchanged.';
    }

    public static function source(): string
    {
        return 'Plane and solid geometry; a curved band rises by the mean of its two slopes.';
    }

    public static function fields(): array
    {
        return [
            Field::choice('operation', 'Operation', ['stretch', 'shorten']),
            Field::length('amount', 'Amount')->positive(),
            Field::choice('measured', 'Measured along', ['rail', 'level'])->defaults('rail'),
            Field::number('slope', 'Slope at the front cut', '°', 'As a digital level reads it; rises rearward: plus.')->between(-60.0, 60.0),
            Field::number('slopeRear', 'Slope at the rear cut', '°', 'Of a shorten; left empty: the same.')->between(-60.0, 60.0)->optional(),
            Field::number('taper', 'Plan angle of the right rail', '°', 'Spreads rearward: plus.')->between(-45.0, 45.0)->defaults(0.0),
            Field::number('taperRear', 'Plan angle at the rear cut', '°', 'Of a shorten; left empty: the same.')->between(-45.0, 45.0)->optional(),
            Field::choice('move', 'Rear part is moved', ['along-rail', 'level', 'match'])->defaults('along-rail'),
            Field::length('bandRise', 'Rear cut above the front cut', 'Of a shorten, measured at half depth; left empty: from the slopes.')->optional(),
            Field::choice('place', 'Where', ['between-axles', 'behind-rear-axle'])->defaults('between-axles'),
            Field::length('wheelbase', 'Wheelbase before')->positive()->optional(),
            Field::length('frameWidth', 'Width at the front cut')->positive()->optional(),
            Field::length('depthFront', 'Depth of the front end')->positive()->optional(),
            Field::length('depthRear', 'Depth of the rear end')->positive()->optional(),
            Field::length('thicknessFront', 'Thickness of the front end')->positive()->optional(),
            Field::length('thicknessRear', 'Thickness of the rear end')->positive()->optional(),
        ];
    }

    public static function results(): array
    {
        $sides = [Result::length('y', 'sideways'), Result::length('z', 'up')];

        return [
            Result::length('railLength', 'Along the rail'),
            Result::length('levelLength', 'Along the level'),
            Result::length('bandRise', 'Rise over it'),
            Result::length('rise', 'Rear part moves up by'),
            Result::length('wheelbaseGained', 'Wheelbase gained'),
            Result::length('wheelbaseAfter', 'Wheelbase after'),
            Result::number('attitude', 'Attitude, nose up', '°'),
            Result::length('levellingBlock', 'Block that levels it'),
            Result::group('mismatch', 'Rear end against front end', [
                Result::group('right', 'right rail', $sides), Result::group('left', 'left rail', $sides),
                Result::length('depth', 'depth'), Result::length('thickness', 'thickness'), Result::length('top', 'top edge'), Result::length('bottom', 'bottom edge'),
                Result::number('kinkSide', 'kink, side view', '°'), Result::number('kinkPlan', 'kink, plan', '°'),
            ]),
            Result::length('frameWidthRear', 'Width at the rear end'),
        ];
    }

    public function calculate(Values $given): array
    {
        $this->mustFit($given);
        $isStretch = $given->text('operation') === 'stretch';
        [$slope, $taper] = [$given->number('slope'), $given->number('taper')];
        [$slopeRear, $taperRear] = [$given->optional('slopeRear') ?? $slope, $given->optional('taperRear') ?? $taper];
        $spread = (tan(deg2rad($taper)) + tan(deg2rad($taperRear))) / 2;
        $front = tan(deg2rad($slope)) / cos(deg2rad($taper));
        $mean = ($front + tan(deg2rad($slopeRear)) / cos(deg2rad($taperRear))) / 2;
        [$level, $rise] = $this->band($given, $spread, $mean);
        $length = hypot($level * hypot(1.0, $spread), $rise);
        $way = $isStretch ? 1 : -1;
        $moved = match ($given->text('move')) {
            'level' => 0.0, 'match' => $rise, default => $level * $front,
        };
        $shift = ['x' => $way * $level, 'y' => 0.0, 'z' => $way * $moved];
        $width = $given->optional('frameWidth');
        $widthRear = $width === null ? null : $width + 2 * $level * $spread;
        if ($widthRear !== null && $widthRear <= 0.0) {
            throw InvalidFields::at('taper', 'the rails would cross before the rear end.');
        }

        return [
            'operation' => $given->text('operation'),
            'railLength' => $length,
            'levelLength' => $level,
            'bandRise' => $rise,
            'direction' => ['x' => cos(deg2rad($slope)) * cos(deg2rad($taper)), 'y' => cos(deg2rad($slope)) * sin(deg2rad($taper)), 'z' => sin(deg2rad($slope))],
            'shift' => $shift,
            'rise' => $shift['z'],
            ...$this->standing($given, $shift),
            'mismatch' => $this->mismatch(given: $given, sideways: -$way * $level * $spread, up: -$way * ($rise - $moved), kinkSide: $slopeRear - $slope, kinkPlan: $taperRear - $taper),
            'frameWidthRear' => $widthRear,
        ];
    }

    private function mustFit(Values $given): void
    {
        foreach ($given->text('operation') === 'stretch' ? self::OF_SHORTEN : [] as $key) {
            if ($given->has($key)) {
                throw InvalidFields::at($key, 'belongs to a shorten: a stretch has one cut.');
            }
        }
        foreach (self::PAIRS as [$front, $rear]) {
            if ($given->has($front) !== $given->has($rear)) {
                throw InvalidFields::at($given->has($front) ? $rear : $front, 'missing: give both ends or neither.');
            }
        }
    }

    /** @return array{float, float} its length along the level, and its rise */
    private function band(Values $given, float $spread, float $mean): array
    {
        $amount = $given->number('amount');
        $rise = $given->optional('bandRise');
        if ($given->text('measured') === 'level') {
            return [$amount, $rise ?? $amount * $mean];
        }
        if ($rise === null) {
            $level = $amount / sqrt(1 + $spread ** 2 + $mean ** 2);

            return [$level, $level * $mean];
        }
        if (abs($rise) >= $amount) {
            throw InvalidFields::at('bandRise', 'rises more than the band is long.');
        }

        return [sqrt(($amount ** 2 - $rise ** 2) / (1 + $spread ** 2)), $rise];
    }

    /**
     * @param  array{x: float, y: float, z: float}  $shift
     * @return array{wheelbaseGained: float, wheelbaseAfter: ?float, attitude: ?float, levellingBlock: float}
     */
    private function standing(Values $given, array $shift): array
    {
        $before = $given->optional('wheelbase');
        if ($given->text('place') === 'behind-rear-axle') {
            return ['wheelbaseGained' => 0.0, 'wheelbaseAfter' => $before, 'attitude' => 0.0, 'levellingBlock' => 0.0];
        }
        if ($before === null) {
            return ['wheelbaseGained' => $shift['x'], 'wheelbaseAfter' => null, 'attitude' => null, 'levellingBlock' => $shift['z']];
        }
        if ($before + $shift['x'] <= 0.0) {
            throw InvalidFields::at('wheelbase', 'has to be longer than what is taken out.');
        }
        $after = hypot($before + $shift['x'], $shift['z']);

        return ['wheelbaseGained' => $after - $before, 'wheelbaseAfter' => $after, 'attitude' => rad2deg(atan2($shift['z'], $before + $shift['x'])), 'levellingBlock' => $shift['z']];
    }

    /** @return array<string, mixed> */
    private function mismatch(Values $given, float $sideways, float $up, float $kinkSide, float $kinkPlan): array
    {
        $depth = $given->has('depthFront') ? $given->number('depthRear') - $given->number('depthFront') : null;

        return [
            'right' => ['y' => $sideways, 'z' => $up],
            'left' => ['y' => -$sideways, 'z' => $up],
            'depth' => $depth,
            'thickness' => $given->has('thicknessFront') ? $given->number('thicknessRear') - $given->number('thicknessFront') : null,
            'top' => $up + ($depth ?? 0.0) / 2,
            'bottom' => $up - ($depth ?? 0.0) / 2,
            'kinkSide' => $kinkSide,
            'kinkPlan' => $kinkPlan,
        ];
    }
}
