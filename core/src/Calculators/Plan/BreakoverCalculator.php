<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Ids;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** Whether the vehicle grounds: on a crest between its axles, and in front of and behind them. */
final readonly class BreakoverCalculator implements Calculator
{
    /** Angles that differ by less, as a share, are the same. */
    private const SAME = 1e-9;

    public static function name(): string
    {
        return 'breakover';
    }

    public static function title(): string
    {
        return 'Ground clearance on a crest';
    }

    public static function purpose(): string
    {
        return 'Approach, breakover and departure angles, and the part that grounds first. Static, on loaded tyres; the crest is square to the vehicle and the suspension does not move.';
    }

    public static function source(): string
    {
        return 'Plane geometry of a crest of two planes and the wheel circles; words as SAE J689 and ISO 612.';
    }

    public static function fields(): array
    {
        return [
            Field::length('wheelbase', 'Wheelbase')->positive(),
            Field::length('tyreRadius', 'Loaded radius of all tyres')->positive()->optional(),
            Field::length('tyreRadiusFront', 'or of the front tyres')->positive()->optional(),
            Field::length('tyreRadiusRear', 'and of the rear tyres')->positive()->optional(),
            Field::listing('points', 'Lowest parts', [
                Field::text('id', 'Part')->optional(),
                Field::length('x', 'Behind the front axle', 'In front of it: minus.'),
                Field::length('height', 'Above the ground')->positive(),
            ]),
        ];
    }

    public static function results(): array
    {
        $zone = [Result::number('angle', 'angle', '°'), Result::named('point', 'at')];

        return [
            Result::group('approach', 'Approach', $zone),
            Result::group('breakover', 'Breakover', [...$zone, Result::number('simpleAngle', 'by tape on the floor', '°')]),
            Result::group('departure', 'Departure', $zone),
            Result::table('points', 'Parts', [
                Result::named('id', 'part'), Result::word('zone', 'zone'), Result::number('angle', 'angle', '°'), Result::number('frontAngle', 'front wheel', '°'), Result::number('rearAngle', 'rear wheel', '°'),
            ]),
        ];
    }

    public function calculate(Values $given): array
    {
        [$front, $rear] = $this->radii($given);
        $wheelbase = $given->number('wheelbase');
        $entries = $given->list('points');
        $ids = Ids::of($entries, 'p', 'points');
        $points = [];
        foreach ($entries as $i => $entry) {
            $points[] = ['id' => $ids[$i], ...$this->point(x: $entry->number('x'), height: $entry->number('height'), wheelbase: $wheelbase, front: $front, rear: $rear, i: $i)];
        }
        $worst = $this->least($points, 'breakover');

        return [
            'approach' => $this->named($points, 'approach'),
            'breakover' => $worst === null ? null : [
                ...$this->named($points, 'breakover') ?? [], 'frontAngle' => $points[$worst]['frontAngle'], 'rearAngle' => $points[$worst]['rearAngle'],
                'simpleAngle' => $this->byTape($entries[$worst], $wheelbase),
            ],
            'departure' => $this->named($points, 'departure'),
            'points' => $points,
        ];
    }

    /** @return array{float, float} */
    private function radii(Values $given): array
    {
        [$all, $front, $rear] = [$given->optional('tyreRadius'), $given->optional('tyreRadiusFront'), $given->optional('tyreRadiusRear')];
        if ($all !== null && ($front !== null || $rear !== null)) {
            throw InvalidFields::at('tyreRadius', 'give one radius for all wheels, or one for each axle; not both.');
        }
        $front ??= $all;
        $rear ??= $all;
        if ($front === null || $rear === null) {
            throw InvalidFields::at($front === null ? 'tyreRadiusFront' : 'tyreRadiusRear', 'missing: the loaded radius of these tyres.');
        }
        if ($front + $rear >= $given->number('wheelbase')) {
            throw InvalidFields::at('wheelbase', 'the wheels would meet: it has to be longer than both radii together.');
        }

        return [$front, $rear];
    }

    /** @return array{zone: string, angle: float, frontAngle: ?float, rearAngle: ?float} degrees */
    private function point(float $x, float $height, float $wheelbase, float $front, float $rear, int $i): array
    {
        if ($x === 0.0 || $x === $wheelbase) {
            throw InvalidFields::at("points[$i].x", 'lies at an axle, where the wheel touches the ground.');
        }
        if (hypot($x, $front - $height) <= $front || hypot($wheelbase - $x, $rear - $height) <= $rear) {
            throw InvalidFields::at("points[$i]", 'lies in a wheel.');
        }
        $atFront = $x > $wheelbase ? null : $this->angle($front, abs($x), $height);
        $atRear = $x < 0.0 ? null : $this->angle($rear, abs($wheelbase - $x), $height);

        return ['zone' => match (true) {
            $x < 0.0 => 'approach', $x > $wheelbase => 'departure', default => 'breakover',
        }, 'angle' => ($atFront ?? 0.0) + ($atRear ?? 0.0), 'frontAngle' => $atFront, 'rearAngle' => $atRear];
    }

    /** Of the line from a point under the wheel's circle, to the level. */
    private function angle(float $radius, float $along, float $height): float
    {
        return rad2deg(asin($radius / hypot($along, $radius - $height)) - atan2($radius - $height, $along));
    }

    private function byTape(Values $point, float $wheelbase): float
    {
        [$x, $height] = [$point->number('x'), $point->number('height')];

        return rad2deg(atan($height / $x) + atan($height / ($wheelbase - $x)));
    }

    /** @param  list<array{id: string, zone: string, angle: float, frontAngle: ?float, rearAngle: ?float}>  $points */
    private function least(array $points, string $zone): ?int
    {
        $least = null;
        foreach ($points as $i => $point) {
            if ($point['zone'] === $zone && ($least === null || $point['angle'] < $points[$least]['angle'] - self::SAME * max(1.0, abs($points[$least]['angle'])))) {
                $least = $i;
            }
        }

        return $least;
    }

    /**
     * @param  list<array{id: string, zone: string, angle: float, frontAngle: ?float, rearAngle: ?float}>  $points
     * @return ?array{angle: float, point: string}
     */
    private function named(array $points, string $zone): ?array
    {
        $least = $this->least($points, $zone);

        return $least === null ? null : ['angle' => $points[$least]['angle'], 'point' => $points[$least]['id']];
    }
}
