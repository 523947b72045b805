<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** What stands on each wheel, and where the mass of the vehicle is. */
final readonly class WeightsCalculator implements Calculator
{
    private const HIGHEST = 0.7;

    public static function name(): string
    {
        return 'weights';
    }

    public static function title(): string
    {
        return 'Weights and mass centre';
    }

    public static function purpose(): string
    {
        return 'Mass centre from wheel scales, its height by lifting one end, and what a change does to the axles and to the brakes. Which wheel carries what after a change cannot be told from this: axles and sides only.';
    }

    public static function source(): string
    {
        return 'Race Car Vehicle Dynamics, chapter 18; Gillespie, chapter 3. A change of the brake share by three points is told: shop default.';
    }

    public static function fields(): array
    {
        return [
            Field::group('wheels', 'On the scales', [Field::number('frontLeft', 'front left', 'kg')->between(0.0, null), Field::number('frontRight', 'front right', 'kg')->between(0.0, null), Field::number('rearLeft', 'rear left', 'kg')->between(0.0, null), Field::number('rearRight', 'rear right', 'kg')->between(0.0, null)]),
            Field::length('wheelbase', 'Wheelbase')->positive(),
            Field::length('frontTrack', 'Front track')->positive()->optional(),
            Field::length('rearTrack', 'Rear track')->positive()->optional(),
            Field::group('lift', 'One end lifted', [
                Field::choice('end', 'Lifted', ['rear', 'front'])->defaults('rear'), Field::number('angle', 'to an angle of', '°')->between(1.0, 45.0)->optional(), Field::length('height', 'or by')->positive()->optional(),
                Field::number('gain', 'The other end gained', 'kg')->positive(), Field::length('frontRadius', 'Front tyres, radius')->positive(), Field::length('rearRadius', 'Rear tyres', 'Left empty: as the front ones.')->positive()->optional(),
            ])->optional(),
            Field::length('cgHeight', 'or height of the mass centre')->positive()->optional(),
            Field::number('friction', 'Braking at')->positive()->defaults(0.8),
            Field::listing('changes', 'Added or taken away', [Field::number('mass', 'Mass', 'kg', 'Taken away: minus.'), Field::lengths('at', 'Behind the front axle, right, above the ground', 3)], 0, 100)->optional(),
            Field::length('newWheelbase', 'New wheelbase')->positive()->optional(),
            Field::length('massShift', 'Mass centre moves rearward with the frame by')->optional(),
            Field::group('ratings', 'May carry', [Field::number('front', 'front', 'kg')->positive()->optional(), Field::number('rear', 'rear', 'kg')->positive()->optional(), Field::number('total', 'together', 'kg')->positive()->optional()])->optional(),
            Field::number('shareLimit', 'Brake share may change by', 'points')->positive()->defaults(3.0),
        ];
    }

    public static function results(): array
    {
        $state = [Result::number('total', 'Together', 'kg'), Result::number('front', 'Front axle', 'kg'), Result::number('rear', 'Rear axle', 'kg'), Result::number('frontShare', 'front share'), Result::lengths('cg', 'Mass centre: behind the front axle, right, up'), Result::number('frontBrakeShare', 'brake share, front'), Result::group('states', 'Against the ratings', [Result::word('front', 'front'), Result::word('rear', 'rear'), Result::word('total', 'together')])];

        return [Result::group('before', 'Before', $state), Result::group('after', 'After', $state), Result::number('crossShare', 'Front right and rear left, share'), Result::number('leftShare', 'Left side, share'), Result::number('liftAngle', 'Lifted to', '°'), Result::number('brakeShift', 'Brake share moves by', 'points'), Result::word('brakeState', 'Brake share')];
    }

    public function calculate(Values $given): array
    {
        $wheels = $given->within('wheels');
        [$fl, $fr, $rl, $rr] = array_map($wheels->number(...), ['frontLeft', 'frontRight', 'rearLeft', 'rearRight']);
        $total = $fl + $fr + $rl + $rr;
        if ($total <= 0.0) {
            throw InvalidFields::at('wheels', 'nothing stands on the scales.');
        }
        $wheelbase = $given->number('wheelbase');
        [$front, $rear] = [$given->optional('frontTrack'), $given->optional('rearTrack')];
        $y = $front === null || $rear === null ? null : (($fr - $fl) * $front / 2 + ($rr - $rl) * $rear / 2) / $total;
        [$angle, $height] = $this->lifted($given, $total, ($rl + $rr) / $total);
        $cg = [$wheelbase * ($rl + $rr) / $total, $y, $height];
        $before = $this->state($given, $total, $cg, $wheelbase);
        $changed = $given->list('changes') !== [] || $given->has('newWheelbase') || $given->has('massShift');
        $after = $changed ? $this->state($given, ...$this->changed($given, $total, $cg)) : null;
        $shift = $after === null || $after['frontBrakeShare'] === null || $before['frontBrakeShare'] === null ? null : 100 * ($after['frontBrakeShare'] - $before['frontBrakeShare']);

        return [
            'before' => $before, 'after' => $after, 'crossShare' => ($fr + $rl) / $total, 'leftShare' => ($fl + $rl) / $total, 'liftAngle' => $angle,
            'brakeShift' => $shift, 'brakeState' => Limit::over($shift === null ? null : abs($shift), $given->number('shareLimit')),
        ];
    }

    /** @return array{?float, ?float} angle and height of the mass centre */
    private function lifted(Values $given, float $total, float $rearShare): array
    {
        $lift = $given->group('lift');
        if ($lift === null) {
            return [null, $given->optional('cgHeight')];
        }
        if ($given->has('cgHeight')) {
            throw InvalidFields::at('cgHeight', 'is found by lifting: give one of the two.');
        }
        if ($lift->has('angle') === $lift->has('height')) {
            throw InvalidFields::at('lift.angle', 'give the angle, or how high the end was lifted; not both, and not neither.');
        }
        $wheelbase = $given->number('wheelbase');
        $raised = $lift->optional('height');
        if ($raised !== null && $raised > self::HIGHEST * $wheelbase) {
            throw InvalidFields::at('lift.height', 'is more than 0.7 of the wheelbase.');
        }
        $angle = $raised === null ? deg2rad($lift->number('angle')) : asin($raised / $wheelbase);
        $radius = $lift->number('frontRadius') * (1 - $rearShare) + ($lift->optional('rearRadius') ?? $lift->number('frontRadius')) * $rearShare;

        return [rad2deg($angle), $radius + $wheelbase * $lift->number('gain') / ($total * tan($angle))];
    }

    /**
     * @param  array{float, ?float, ?float}  $cg
     * @return array{float, array{float, ?float, ?float}, float}
     */
    private function changed(Values $given, float $total, array $cg): array
    {
        [$mass, $moved] = [$total, [$cg[0] + ($given->optional('massShift') ?? 0.0), $cg[1], $cg[2]]];
        foreach ($given->list('changes') as $change) {
            [$kg, $at] = [$change->number('mass'), $change->numbers('at')];
            $sum = $mass + $kg;
            if ($sum <= 0.0) {
                throw InvalidFields::at('changes', 'take away more than there is.');
            }
            $moved = [($moved[0] * $mass + $at[0] * $kg) / $sum, $moved[1] === null ? null : ($moved[1] * $mass + $at[1] * $kg) / $sum, $moved[2] === null ? null : ($moved[2] * $mass + $at[2] * $kg) / $sum];
            $mass = $sum;
        }

        return [$mass, $moved, $given->optional('newWheelbase') ?? $given->number('wheelbase')];
    }

    /**
     * @param  array{float, ?float, ?float}  $cg
     * @return array{total: float, front: float, rear: float, frontShare: float, cg: array{float, ?float, ?float}, frontBrakeShare: ?float, states: array<string, string>}
     */
    private function state(Values $given, float $total, array $cg, float $wheelbase): array
    {
        $rear = $total * $cg[0] / $wheelbase;
        $ratings = $given->group('ratings');

        return [
            'total' => $total, 'front' => $total - $rear, 'rear' => $rear, 'frontShare' => 1 - $rear / $total, 'cg' => $cg,
            'frontBrakeShare' => $cg[2] === null ? null : ($wheelbase - $cg[0] + $given->number('friction') * $cg[2]) / $wheelbase,
            'states' => ['front' => Limit::over($total - $rear, $ratings?->optional('front')), 'rear' => Limit::over($rear, $ratings?->optional('rear')), 'total' => Limit::over($total, $ratings?->optional('total'))],
        ];
    }
}
