<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;

/** A steering column's shaft over two or three joints. */
final readonly class SteeringShaftCalculator implements Calculator
{
    private const MOST_POINTS = 5;

    private const STEEPEST = 60.0;

    /** Degrees under which a joint has no plane. */
    private const STRAIGHT = 0.1;

    private const TRIED = 720;

    public static function name(): string
    {
        return 'steering-shaft';
    }

    public static function title(): string
    {
        return 'Steering shaft over joints';
    }

    public static function purpose(): string
    {
        return 'How unevenly a steering wheel feels through two or three joints at large angles, and how far a yoke has to be turned to even it out. Unequal angles cannot be cured by turning alone. Rigid, no friction.';
    }

    public static function source(): string
    {
        return 'Universal Joints and Driveshafts, chapter 1: exact motion of the cross joint. A joint of 35° and 5 % felt in the hand: shop defaults.';
    }

    public static function fields(): array
    {
        return [
            Field::places('points', 'Column, each joint, end', 3, 3),
            Field::series('phases', 'Yokes of each inner shaft out of line', '°', 0, 3)->between(-180.0, 180.0)->optional(),
            Field::number('maximum', 'A joint bears', '°')->between(0.0, 60.0)->positive()->defaults(35.0),
            Field::number('variation', 'Felt in the hand from')->between(0.0, 1.0)->positive()->defaults(0.05),
        ];
    }

    public static function results(): array
    {
        $feel = [Result::number('ratioMin', 'slowest'), Result::number('ratioMax', 'fastest'), Result::word('state', 'feel')];

        return [
            Result::table('joints', 'Joints', [Result::number('angle', 'angle', '°'), Result::word('state', 'joint')]),
            Result::group('now', 'As it is', $feel),
            Result::group('best', 'With its yoke turned', [Result::number('phase', 'yokes out of line by', '°'), Result::number('turn', 'turn it by', '°'), ...$feel]),
            Result::numbers('planeAngles', 'Planes of the joints out of line', '°'),
            Result::lengths('lengths', 'Lengths'),
        ];
    }

    public function calculate(Values $given): array
    {
        $points = array_map(fn (array $one): Vector3 => Vector3::of($one[0], $one[1], $one[2]), $given->places('points'));
        if (count($points) > self::MOST_POINTS) {
            throw InvalidFields::at('points', 'three joints at most: column, joints, end.');
        }
        $axes = $lengths = [];
        for ($i = 1; $i < count($points); $i++) {
            $along = $points[$i]->minus($points[$i - 1]);
            if ($along->norm() < 1e-9) {
                throw InvalidFields::at("points[$i]", 'stands where the one before it stands.');
            }
            $axes[] = $along->unit();
            $lengths[] = $along->norm();
        }
        $chain = new JointChain($axes);
        foreach ($chain->angles as $j => $angle) {
            if (rad2deg($angle) > self::STEEPEST) {
                throw InvalidFields::at('points['.($j + 1).']', 'a cross joint does not bend by more than 60°.');
            }
        }
        $phases = $given->has('phases') ? $given->numbers('phases') : array_fill(0, count($chain->angles) - 1, 0.0);
        if (count($phases) !== count($chain->angles) - 1) {
            throw InvalidFields::at('phases', sprintf('%d inner shafts, so as many angles.', count($chain->angles) - 1));
        }
        $planes = $this->planes($chain);
        $variation = $given->number('variation');
        $plane = $planes[0] ?? null;

        return [
            'lengths' => $lengths, 'joints' => array_map(fn (float $angle): array => ['angle' => rad2deg($angle), 'state' => Limit::atMost(rad2deg($angle), $given->number('maximum'))], $chain->angles),
            'planeAngles' => $planes, 'now' => $this->feel($chain, $phases, $variation),
            'best' => count($planes) !== 1 || $plane === null ? null : ['phase' => $plane, 'turn' => $this->half($plane - $phases[0]), ...$this->feel($chain, [$plane], $variation)],
        ];
    }

    /** @return list<?float> turn of each joint's plane against the one before it (°) */
    private function planes(JointChain $chain): array
    {
        $planes = [];
        for ($j = 1; $j < count($chain->angles); $j++) {
            $isPlain = min($chain->angles[$j - 1], $chain->angles[$j]) < deg2rad(self::STRAIGHT);
            $planes[] = $isPlain ? null : $this->half(rad2deg($chain->azimuths[$j] - $chain->azimuths[$j - 1]));
        }

        return $planes;
    }

    /** A yoke turned half round is the same: in (−90, 90]. */
    private function half(float $degrees): float
    {
        $turned = fmod($degrees, 180.0);
        $turned = $turned <= -90.0 + 1e-12 ? $turned + 180.0 : $turned;

        return $turned > 90.0 + 1e-12 ? $turned - 180.0 : $turned;
    }

    /**
     * @param  list<float>  $phases
     * @return array{ratioMin: float, ratioMax: float, state: string}
     */
    private function feel(JointChain $chain, array $phases, float $variation): array
    {
        $ratio = function (float $turn) use ($chain, $phases): float {
            $speed = 1.0;
            foreach ($chain->angles as $j => $angle) {
                $q = $turn - $chain->azimuths[$j];
                $speed *= cos($angle) / (cos($q) ** 2 + sin($q) ** 2 * cos($angle) ** 2);
                $turn = $chain->azimuths[$j] + atan2(sin($q) * cos($angle), cos($q)) + M_PI_2 + deg2rad($phases[$j] ?? 0.0);
            }

            return $speed;
        };
        $most = $this->extreme($ratio, 1);
        $least = $this->extreme($ratio, -1);

        return ['ratioMin' => $least, 'ratioMax' => $most, 'state' => $least >= 1 - $variation - 1e-9 && $most <= 1 + $variation + 1e-9 ? 'in' : 'out'];
    }

    /** @param  \Closure(float): float  $ratio */
    private function extreme(\Closure $ratio, int $sign): float
    {
        $best = 0.0;
        $most = -INF;
        for ($i = 0; $i < self::TRIED; $i++) {
            $value = $sign * $ratio(M_PI * $i / self::TRIED);
            [$best, $most] = $value > $most ? [M_PI * $i / self::TRIED, $value] : [$best, $most];
        }
        [$low, $high] = [$best - M_PI / self::TRIED, $best + M_PI / self::TRIED];
        for ($i = 0; $i < 60; $i++) {
            [$a, $b] = [$low + ($high - $low) / 3, $high - ($high - $low) / 3];
            $sign * $ratio($a) < $sign * $ratio($b) ? $low = $a : $high = $b;
        }

        return $ratio(($low + $high) / 2);
    }
}
