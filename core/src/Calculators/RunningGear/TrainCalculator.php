<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** Angles, residual and excitation of a driveline of one to three shafts. */
final readonly class TrainCalculator implements Calculator
{
    private const STEEPEST = 60.0;

    private const WITHIN = 10.0;

    private const GRID = 0.02;

    private const FINE = 1e-6;

    /** Residuals that differ by less are as good (°). */
    private const AS_GOOD = 0.02;

    public static function name(): string
    {
        return 'train';
    }

    public static function title(): string
    {
        return 'Driveline: angles and what is left';
    }

    public static function purpose(): string
    {
        return 'The true angle of every joint in space, what unevenness is left at the end and on each shaft at its speed, and how both grow as the axle winds up. Rigid shafts and steady speed; low by half a per cent at 10°.';
    }

    public static function source(): string
    {
        return 'Universal Joints and Driveshafts, chapter 1, first order in β²; limits: SAE AE-7 practice, shop defaults.';
    }

    public static function fields(): array
    {
        return [
            Field::number('speed', 'Speed of the shafts', 'rev/min')->positive()->optional(),
            Field::group('road', 'or on the road', [Field::number('kmh', 'Speed', 'km/h')->positive(), Field::length('tyreRadius', 'Tyre radius')->positive(), Field::number('ratio', 'Axle ratio')->positive()])->optional(),
            Field::choice('runs', 'Shafts run', ['rearward', 'forward'])->defaults('rearward'),
            Field::group('input', 'Gearbox', ShaftAxis::fields()),
            Field::listing('joints', 'Joints', [Field::choice('kind', 'Kind', ['cardan', 'doubleCardan', 'constantVelocity', 'flexible'])->defaults('cardan'), Field::number('maximum', 'Bends at most', '°')->positive()->optional(), Field::lengths('position', 'Place', 3)->optional()], 2, 4),
            Field::listing('shafts', 'Shafts', [Field::number('phase', 'Rear yoke out of line with the front', '°', 'Clockwise seen from the gearbox.')->between(-180.0, 180.0)->defaults(0.0), Field::number('fall', 'Falls toward the axle', '°')->between(-60.0, 60.0)->optional(), Field::number('right', 'Runs to the right', '°')->between(-60.0, 60.0)->optional()], 1, 3),
            Field::group('output', 'Pinion', ShaftAxis::fields()),
            Field::series('wrap', 'Axle wound up by', '°', 1, 20)->between(-30.0, 30.0)->optional(),
            Field::lengths('axleCentre', 'Middle of the axle', 3)->optional(),
            TrainLimits::field(withMargin: false),
        ];
    }

    public static function results(): array
    {
        return [
            Result::word('state', 'Train'), Result::number('residual', 'Left at the end, as one joint of', '°'), Result::number('acceleration', 'at this speed', 'rad/s²'), Result::number('residualLimit', 'allowed', '°'), Result::number('angleLimit', 'Joints at this speed', '°'), Result::number('speed', 'Speed', 'rev/min'),
            Result::table('joints', 'Joints', [Result::number('angle', 'angle', '°'), Result::number('limit', 'limit', '°'), Result::word('state', 'state')]),
            Result::table('shafts', 'Shafts', [Result::number('fall', 'falls', '°'), Result::number('right', 'runs right', '°'), Result::length('length', 'length'), Result::number('drive', 'driving', 'rad/s²'), Result::number('coast', 'coasting', 'rad/s²'), Result::word('state', 'state')]),
            Result::group('worst', 'Worst shaft', [Result::count('shaft', 'shaft'), Result::word('from', 'from'), Result::number('acceleration', 'at', 'rad/s²')]),
            Result::table('wrap', 'Axle wound up', [Result::number('wrap', 'by', '°'), Result::number('angle', 'last joint', '°'), Result::number('residual', 'left', '°'), Result::number('acceleration', 'train', 'rad/s²'), Result::number('worst', 'worst shaft', 'rad/s²')]),
            Result::group('cure', 'Least with the axle turned', [Result::number('turn', 'nose up by', '°'), Result::number('residual', 'left', '°')]),
        ];
    }

    public function calculate(Values $given): array
    {
        $speed = $this->speed($given);
        $turn = 2 * M_PI * $speed / 60;
        $limits = TrainLimits::of($given->group('limits'));
        $train = Train::of($given);
        $now = $train->turned(0.0);
        $this->mustBend($now);
        $angleLimit = rad2deg(sqrt($limits->shaft) / $turn);
        $joints = array_map(fn (Values $joint, float $angle): array => $this->joint($joint, rad2deg($angle), $angleLimit, $limits->least), $given->list('joints'), $now->chain->angles);
        $shafts = [];
        foreach ($train->shafts(0.0) as $k => [$fall, $right, $length]) {
            [$drive, $coast] = [$turn ** 2 * $now->before($k), $turn ** 2 * $now->behind($k)];
            $shafts[] = ['fall' => $fall, 'right' => $right, 'length' => $length, 'drive' => $drive, 'coast' => $coast, 'state' => Limit::over(max($drive, $coast), $limits->shaft)];
        }
        $acceleration = $turn ** 2 * $now->left();

        return [
            'speed' => $speed, 'angleLimit' => $angleLimit, 'residualLimit' => rad2deg(sqrt($limits->train) / $turn), 'joints' => $joints, 'shafts' => $shafts,
            'residual' => rad2deg(sqrt($now->left())), 'acceleration' => $acceleration, 'state' => Limit::over($acceleration, $limits->train), 'worst' => $this->worst($shafts),
            'wrap' => array_map(function (float $wrap) use ($train, $turn): array {
                $wound = $train->turned($wrap);
                $this->mustBend($wound);

                return ['wrap' => $wrap, 'angle' => rad2deg($wound->chain->angles[count($wound->chain->angles) - 1]), 'residual' => rad2deg(sqrt($wound->left())), 'acceleration' => $turn ** 2 * $wound->left(), 'worst' => $turn ** 2 * $wound->worst()];
            }, $given->has('wrap') ? $given->numbers('wrap') : [0.0]),
            'cure' => $this->cure($train),
        ];
    }

    private function speed(Values $given): float
    {
        $road = $given->group('road');
        if ($given->has('speed') === ($road !== null)) {
            throw InvalidFields::at('speed', 'give the speed of the shafts, or that on the road; not both, and not neither.');
        }

        return $road === null ? $given->number('speed') : $road->number('kmh') / 3.6 / (2 * M_PI * $road->number('tyreRadius') / 1000) * 60 * $road->number('ratio');
    }

    private function mustBend(TurnedTrain $train): void
    {
        foreach ($train->chain->angles as $j => $angle) {
            if (rad2deg($angle) > self::STEEPEST) {
                throw InvalidFields::at("joints[$j]", sprintf('bends by %.1f°, more than the 60° that any joint does.', rad2deg($angle)));
            }
        }
    }

    /** @return array{angle: float, limit: ?float, state: string} */
    private function joint(Values $joint, float $angle, float $angleLimit, float $least): array
    {
        $kind = $joint->text('kind');
        $maximum = $joint->optional('maximum');

        return ['angle' => $angle, 'limit' => $kind === 'cardan' ? $angleLimit : $maximum, 'state' => match (true) {
            $maximum !== null && $angle > $maximum + 1e-9 => 'binds',
            $kind === 'cardan' && $angle > $angleLimit + 1e-9 => 'over',
            $kind !== 'flexible' && $angle < $least - 1e-9 => 'still',
            default => 'in',
        }];
    }

    /**
     * @param  list<array{drive: float, coast: float, ...}>  $shafts
     * @return array{shaft: int, from: string, acceleration: float}
     */
    private function worst(array $shafts): array
    {
        $worst = ['shaft' => 1, 'from' => 'drive', 'acceleration' => -1.0];
        foreach ($shafts as $k => $shaft) {
            foreach (['drive', 'coast'] as $from) {
                if ($shaft[$from] > $worst['acceleration'] + 1e-9 * max(1.0, $worst['acceleration'])) {
                    $worst = ['shaft' => $k + 1, 'from' => $from, 'acceleration' => $shaft[$from]];
                }
            }
        }

        return $worst;
    }

    /**
     * The housing turn that leaves least, of several as good the nearest.
     *
     * @return ?array{turn: float, residual: float}
     */
    private function cure(Train $train): ?array
    {
        if (! $train->endsInCross()) {
            return null;
        }
        $left = fn (float $turn): float => $train->turned($turn)->left();
        $steps = (int) round(2 * self::WITHIN / self::GRID);
        $values = array_map(fn (int $i): float => $left(-self::WITHIN + $i * self::GRID), range(0, $steps));
        $found = [];
        foreach ($values as $i => $value) {
            if ($value <= ($values[$i - 1] ?? INF) && $value <= ($values[$i + 1] ?? INF)) {
                $middle = -self::WITHIN + $i * self::GRID;
                $found[] = $this->refined($left, max(-self::WITHIN, $middle - self::GRID), min(self::WITHIN, $middle + self::GRID));
            }
        }
        $least = min([INF, ...array_column($found, 1)]);
        $good = array_filter($found, fn (array $one): bool => $one[1] <= $least + self::AS_GOOD);
        usort($good, fn (array $a, array $b): int => abs($a[0]) <=> abs($b[0]));

        return $good === [] ? null : ['turn' => $good[0][0], 'residual' => $good[0][1]];
    }

    /**
     * @param  \Closure(float): float  $left
     * @return array{float, float} turn and residual (°)
     */
    private function refined(\Closure $left, float $low, float $high): array
    {
        while ($high - $low > self::FINE) {
            [$a, $b] = [$low + ($high - $low) / 3, $high - ($high - $low) / 3];
            $left($a) <= $left($b) ? $high = $b : $low = $a;
        }
        $turn = ($low + $high) / 2;

        return [$turn, rad2deg(sqrt($left($turn)))];
    }
}
