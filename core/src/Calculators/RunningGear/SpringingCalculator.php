<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** A spring between an axle and the frame: rate at the wheel, frequency, strokes. */
final readonly class SpringingCalculator implements Calculator
{
    private const GRAVITY = 9.80665;

    private const THREE_LINK = 0.75;

    public static function name(): string
    {
        return 'springing';
    }

    public static function title(): string
    {
        return 'Spring, wheel rate, frequency';
    }

    public static function purpose(): string
    {
        return 'What a spring is at its wheel, how the vehicle swings on it, how far it goes to its stops. The ratio is taken to stay; over 60 mm of an arm of 400 the true stroke is 2 % longer.';
    }

    public static function source(): string
    {
        return 'Milliken and Milliken, Race Car Vehicle Dynamics, chapter 16; Gillespie, chapter 5; leaf: SAE HS-788, three-link equivalent 0.75.';
    }

    public static function fields(): array
    {
        return [
            Field::number('springRate', 'Rate of the spring', 'N/mm')->positive(),
            Field::number('leverRatio', 'Spring foot to wheel, share of the arm')->between(0.0, 3.0)->positive()->optional(),
            Field::number('angle', 'Spring against the path of its foot', '°')->between(-80.0, 80.0)->optional(),
            Field::number('motionRatio', 'or travel of the spring for one of the wheel')->between(0.0, 3.0)->positive()->optional(),
            Field::number('sprungMass', 'Carried by this wheel', 'kg')->positive(),
            Field::number('addedMass', 'Added to it', 'kg')->between(-100_000.0, 100_000.0)->defaults(0.0),
            Field::number('tyreRate', 'Rate of the tyre', 'N/mm')->positive()->optional(),
            Field::length('freeLength', 'Spring, free')->positive()->optional(),
            Field::length('bump', 'Travel up, wanted')->between(0.0, null)->optional(),
            Field::length('droop', 'Travel down, wanted')->between(0.0, null)->optional(),
            Field::group('shock', 'Shock absorber', [Field::length('closed', 'closed')->positive(), Field::length('open', 'open')->positive(), Field::length('ride', 'at ride')->positive(), Field::length('bumpStop', 'Bump stop on its rod')->between(0.0, null)->defaults(0.0)])->optional(),
            Field::group('leaf', 'Leaf spring', [Field::length('frontHalf', 'Fixed eye to the clamp, free')->positive(), Field::lengths('travel', 'Travel', 1, 200)])->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::number('motionRatio', 'Spring to wheel'),
            Result::number('wheelRate', 'Rate at the wheel', 'N/mm'),
            Result::number('frequency', 'Frequency', 'Hz'),
            Result::number('springLoad', 'Load of the spring', 'N'),
            Result::length('springCompression', 'Pressed together by'),
            Result::length('springLength', 'Length at ride'),
            Result::length('heightChange', 'Ride height changes by'),
            Result::length('bumpStroke', 'Stroke up'),
            Result::length('droopStroke', 'Stroke down'),
            Result::length('gap', 'Gap to the bump stop'),
            Result::length('wheelTravelToStop', 'Wheel to the stop'),
            Result::length('wheelTravelToOpen', 'Wheel to full droop'),
            Result::word('bumpState', 'Up'),
            Result::word('droopState', 'Down'),
            Result::table('leaf', 'Axle on its leaf', [Result::length('travel', 'travel'), Result::length('foreAft', 'toward the fixed eye')]),
        ];
    }

    public function calculate(Values $given): array
    {
        $ratio = $this->ratio($given);
        $mass = $given->number('sprungMass') + $given->number('addedMass');
        if ($mass <= 0.0) {
            throw InvalidFields::at('addedMass', 'takes away more than the wheel carries.');
        }
        $rate = $given->number('springRate') * $ratio ** 2;
        $tyre = $given->optional('tyreRate');
        $load = $mass * self::GRAVITY / $ratio;
        $compression = $load / $given->number('springRate');
        $free = $given->optional('freeLength');
        if ($free !== null && $free <= $compression) {
            throw InvalidFields::at('freeLength', sprintf('the spring is shorter than the %g mm that the load presses it together.', $compression));
        }
        [$bump, $droop] = [$given->optional('bump'), $given->optional('droop')];

        return [
            'motionRatio' => $ratio, 'wheelRate' => $rate, 'frequency' => sqrt(($tyre === null ? $rate : $rate * $tyre / ($rate + $tyre)) * 1000 / $mass) / (2 * M_PI),
            'springLoad' => $load, 'springCompression' => $compression, 'springLength' => $free === null ? null : $free - $compression, 'heightChange' => -$given->number('addedMass') * self::GRAVITY / $rate,
            'bumpStroke' => $bump === null ? null : $bump * $ratio, 'droopStroke' => $droop === null ? null : $droop * $ratio, ...$this->shock($given->group('shock'), $ratio, $bump, $droop), 'leaf' => $this->leaf($given->group('leaf')),
        ];
    }

    private function ratio(Values $given): float
    {
        if ($given->has('motionRatio') === $given->has('leverRatio')) {
            throw InvalidFields::at('motionRatio', 'give the ratio as it was measured, or that of the arm; not both, and not neither.');
        }
        if ($given->has('motionRatio') && $given->has('angle')) {
            throw InvalidFields::at('angle', 'is in the measured ratio already.');
        }

        return $given->optional('motionRatio') ?? $given->number('leverRatio') * cos(deg2rad($given->optional('angle') ?? 0.0));
    }

    /** @return array{gap: ?float, wheelTravelToStop: ?float, wheelTravelToOpen: ?float, bumpState: string, droopState: string} */
    private function shock(?Values $shock, float $ratio, ?float $bump, ?float $droop): array
    {
        if ($shock === null) {
            return ['gap' => null, 'wheelTravelToStop' => null, 'wheelTravelToOpen' => null, 'bumpState' => 'not given', 'droopState' => 'not given'];
        }
        [$closed, $open, $ride] = [$shock->number('closed'), $shock->number('open'), $shock->number('ride')];
        if ($ride < $closed || $ride > $open) {
            throw InvalidFields::at('shock.ride', 'lies between closed and open.');
        }
        $gap = $ride - $closed - $shock->number('bumpStop');

        return [
            'gap' => $gap, 'wheelTravelToStop' => $gap / $ratio, 'wheelTravelToOpen' => ($open - $ride) / $ratio,
            'bumpState' => Limit::atLeast($bump === null ? null : $gap / $ratio, $bump), 'droopState' => Limit::atLeast($droop === null ? null : ($open - $ride) / $ratio, $droop),
        ];
    }

    /** @return ?list<array{travel: float, foreAft: float}> */
    private function leaf(?Values $leaf): ?array
    {
        if ($leaf === null) {
            return null;
        }
        $radius = self::THREE_LINK * $leaf->number('frontHalf');

        return array_map(fn (float $travel): array => abs($travel) > $radius ? throw InvalidFields::at('leaf.travel', 'is more than the spring can swing.') : ['travel' => $travel, 'foreAft' => $radius - sqrt($radius ** 2 - $travel ** 2)], $leaf->numbers('travel'));
    }
}
