<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\LinearAlgebra\SymmetricEigen;

/** Whether an axle stands square, and what to move, with how sure that is. */
final readonly class AxleSquareCalculator implements Calculator
{
    public static function name(): string
    {
        return 'axle-square';
    }

    public static function title(): string
    {
        return 'Axle: square, wheelbase, offset';
    }

    public static function purpose(): string
    {
        return 'How an axle stands to the vehicle and to the other axle from points of its wheels, how sure that is, and by how much each seat or link has to move. Look at centre pins, perches, U-bolts, spring eyes and bushes before anything is moved.';
    }

    public static function source(): string
    {
        return 'Error propagation, JCGM 100. 0.1° and 3 mm: shop defaults.';
    }

    public static function fields(): array
    {
        return [
            ...array_map(fn (string $name, string $label): Field => str_starts_with($name, 'front') ? Field::group($name, $label, self::point())->optional() : Field::group($name, $label, self::point()), ['left', 'right', 'frontLeft', 'frontRight'], ['Left wheel', 'Right wheel', 'Front left wheel', 'Front right wheel']),
            Field::places('covariance', 'Covariance', 0, 0, 'Of x and y of left, right, front left and front right, mm²; in place of the uncertainties.')->optional(),
            Field::lengths('seats', 'Seats or links, right of the centreline', 2)->optional(),
            Field::length('pitch', 'Pitch of the adjuster')->positive()->optional(),
            Field::group('target', 'Target', [Field::length('station', 'Station', 'Left empty: it turns about its middle.')->optional(), Field::choice('squareTo', 'square to', ['centreline', 'front'])->defaults('centreline'), Field::length('offset', 'middle to the right')->defaults(0.0)])->optional(),
            Field::group('limits', 'Limits', [Field::number('thrust', 'squareness', '°')->positive()->defaults(0.1), Field::number('offset', 'offset', 'mm')->positive()->defaults(3.0), Field::number('wheelbase', 'wheelbases', 'mm')->positive()->defaults(3.0)])->optional(),
        ];
    }

    public static function results(): array
    {
        $value = [Result::number('value', 'is'), Result::number('sigma', '± (1 σ)'), Result::word('state', 'state')];
        $move = [Result::length('value', 'move rearward'), Result::length('sigma', '± (1 σ)'), Result::number('turns', 'turns')];

        return [Result::group('thrust', 'Right wheel further back, °', $value), Result::group('againstFront', 'to the front axle, °', $value), Result::group('offset', 'Middle to the right, mm', $value), Result::group('correction', 'Correction', [Result::group('left', 'left', $move), Result::group('right', 'right', $move)]), Result::group('wheelbase', 'Wheelbase, mm', [Result::group('left', 'left', $value), Result::group('right', 'right', $value), Result::group('difference', 'left less right', $value)])];
    }

    /** @return list<Field> */
    private static function point(): array
    {
        return [Field::length('x', 'Station'), Field::length('y', 'Right of the centreline'), Field::series('sigma', 'Uncertainty along both', 'mm', 2, 2)->between(0.0, null)->optional()];
    }

    public function calculate(Values $given): array
    {
        $hasFront = $given->has('frontLeft');
        $names = $hasFront ? ['left', 'right', 'frontLeft', 'frontRight'] : ['left', 'right'];
        if ($given->has('frontLeft') !== $given->has('frontRight')) {
            throw InvalidFields::at($given->has('frontLeft') ? 'frontRight' : 'frontLeft', 'missing: both wheels of the front axle, or neither.');
        }
        $at = [];
        $variances = [];
        foreach ($names as $name) {
            $point = $given->within($name);
            array_push($at, $point->number('x'), $point->number('y'));
            array_push($variances, ...array_map(fn (float $one): float => $one ** 2, $point->has('sigma') ? $point->numbers('sigma') : [1.0, 1.0]));
        }
        foreach (array_chunk($names, 2) as [$one, $other]) {
            if ($given->within($other)->number('y') <= $given->within($one)->number('y')) {
                throw InvalidFields::at($other, 'stands right of the left one.');
            }
        }
        $target = $given->group('target');
        $toFront = $target?->text('squareTo') === 'front';
        if ($toFront && ! $hasFront) {
            throw InvalidFields::at('target.squareTo', 'the front axle was not given.');
        }
        $spread = new Spread($at, $this->covariance($given, $variances));
        $limits = fn (string $name, float $usual): float => $given->group('limits')?->number($name) ?? $usual;
        $square = $limits('thrust', 0.1);

        return [
            'thrust' => $spread->told(fn (AxlePoints $p): float => rad2deg($p->thrust()), $toFront ? null : $square),
            'againstFront' => ! $hasFront ? null : $spread->told(fn (AxlePoints $p): float => rad2deg($p->thrust() - $p->frontThrust()), $toFront ? $square : null),
            'offset' => $spread->told(fn (AxlePoints $p): float => $p->middle()[1], $limits('offset', 3.0), $target?->number('offset') ?? 0.0),
            'correction' => array_combine(['left', 'right'], array_map(function (int $i) use ($given, $target, $toFront, $spread): array {
                $move = $spread->told(function (AxlePoints $p) use ($given, $target, $toFront, $i): float {
                    [$x, $y] = $p->middle();
                    $arm = ($given->has('seats') ? $given->numbers('seats')[$i] : $p->y($i)) - $y;

                    return ($target?->optional('station') ?? $x) + $arm * tan($toFront ? $p->frontThrust() : 0.0) - $x - $arm * tan($p->thrust());
                }, null);

                return [...$move, 'turns' => $given->has('pitch') ? $move['value'] / $given->number('pitch') : null];
            }, [0, 1])),
            'wheelbase' => ! $hasFront ? null : [
                'left' => $spread->told(fn (AxlePoints $p): float => $p->wheelbase(0), null), 'right' => $spread->told(fn (AxlePoints $p): float => $p->wheelbase(1), null),
                'difference' => $spread->told(fn (AxlePoints $p): float => $p->wheelbase(0) - $p->wheelbase(1), $limits('wheelbase', 3.0)),
            ],
        ];
    }

    /**
     * @param  list<float>  $variances
     * @return list<list<float>>
     */
    private function covariance(Values $given, array $variances): array
    {
        $many = count($variances);
        if (! $given->has('covariance')) {
            return array_map(fn (int $i): array => array_map(fn (int $j): float => $i === $j ? $variances[$i] : 0.0, range(0, $many - 1)), range(0, $many - 1));
        }
        $rows = $given->places('covariance');
        foreach ($rows as $i => $row) {
            if (count($rows) !== $many || count($row) !== $many) {
                throw InvalidFields::at('covariance', sprintf('is square, %d by %d: x and y of each wheel.', $many, $many));
            }
            foreach ($row as $j => $value) {
                if (abs($value - ($rows[$j][$i] ?? INF)) > 1e-9 * max(1.0, abs($value))) {
                    throw InvalidFields::at("covariance[$i]", 'is not the same on both sides of its diagonal.');
                }
            }
        }
        if (count($rows) !== $many || min([0.0, ...SymmetricEigen::of($rows)->values]) < -1e-9) {
            throw InvalidFields::at('covariance', 'no readings have such a covariance: it has a negative variance.');
        }

        return $rows;
    }
}
