<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Structure\PoseFit;
use Geodex\Core\Structure\PoseFitter;
use Geodex\Core\Structure\PoseNotFixed;

/** Where the loose half of a cut frame stands to the held one, and what to move first. */
final readonly class SpreadCalculator implements Calculator
{
    private const MAX_DEGREES = 20.0;

    public static function name(): string
    {
        return 'spread';
    }

    public static function title(): string
    {
        return 'Set the loose half';
    }

    public static function purpose(): string
    {
        return 'Where the loose half stands to the held one, and the moves that bring it to its plan, in order: turn, heights, sideways, gap. The held half counts as without error; jacks that turn the half about another line move it along too: read again after the heights.';
    }

    public static function source(): string
    {
        return 'Least squares: Ghilani, Adjustment Computations. Uncertainties from those stated, not from the misfit.';
    }

    public static function fields(): array
    {
        $points = fn (string $name, string $label, int $least): Field => Field::listing($name, $label, [Field::text('id', 'Name'), Field::lengths('at', 'Place', 3)], $least);

        return [
            $points('front', 'Held half, as measured', 0),
            $points('rear', 'Loose half, as planned', 1),
            Field::lengths('pivot', 'Pivot', 3, help: 'Left empty: the middle of the loose half.')->optional(),
            Field::names('corners', 'Corners to bring right', 'Left empty: all of the loose half.')->optional(),
            Field::listing('readings', 'Readings', SpreadReadings::fields(), 6),
        ];
    }

    public static function results(): array
    {
        $six = [Result::number('roll', 'roll', '°'), Result::number('pitch', 'pitch', '°'), Result::number('yaw', 'yaw', '°')];

        return [
            Result::lengths('shift', 'Stands off: rearward, right, up'),
            Result::lengths('shiftSigma', '± (1 σ)'),
            Result::group('turn', 'Turned', $six),
            Result::group('turnSigma', '± (1 σ)', $six),
            Result::number('redundancy', 'Readings to spare'),
            Result::table('moves', 'Moves, in this order', [Result::word('move', 'move'), Result::number('angle', 'turn', '°'), Result::length('amount', 'by'), Result::number('sigma', '± (1 σ)')]),
            Result::table('readings', 'Readings', [Result::named('id', 'reading'), Result::number('residual', 'misfit'), Result::number('redundancy', 'checked by the others'), Result::number('standardised', 'to its uncertainty')]),
        ];
    }

    public function calculate(Values $given): array
    {
        [$front, $rear] = [$this->places($given, 'front', []), $this->places($given, 'rear', array_map(fn (Values $one): string => $one->text('id'), $given->list('front')))];
        if ($rear === []) {
            throw InvalidFields::at('rear', 'missing: the points of the loose half.');
        }
        $pivot = $this->pivot($given, $rear);
        $corners = $given->names('corners') === [] ? array_map(strval(...), array_keys($rear)) : $given->names('corners');
        foreach ($corners as $i => $id) {
            if (! isset($rear[$id])) {
                throw InvalidFields::at("corners[$i]", "“{$id}” is not a point of the loose half.");
            }
        }
        $readings = SpreadReadings::of($given->list('readings'), $front, $rear);
        try {
            $fit = (new PoseFitter)->fit($front, $rear, $readings, $pivot);
        } catch (PoseNotFixed|DegenerateGeometry $failure) {
            throw InvalidFields::at('readings', $failure->getMessage());
        }
        $pose = $fit->pose;
        $turn = ['roll' => rad2deg($pose->roll), 'pitch' => rad2deg($pose->pitch), 'yaw' => rad2deg($pose->yaw)];
        if (max(array_map(abs(...), $turn)) > self::MAX_DEGREES) {
            throw InvalidFields::at('readings', sprintf('say that the half is turned by more than %g °: bring it nearer first, or look for a reading that is wrong.', self::MAX_DEGREES));
        }
        $now = array_map($pose->place(...), $rear);

        return [
            'pivot' => $pivot->toArray(),
            'shift' => $pose->shift->toArray(),
            'shiftSigma' => [$fit->sigma(0), $fit->sigma(1), $fit->sigma(2)],
            'turn' => $turn,
            'turnSigma' => ['roll' => rad2deg($fit->sigma(3)), 'pitch' => rad2deg($fit->sigma(4)), 'yaw' => rad2deg($fit->sigma(5))],
            'redundancy' => $fit->redundancy,
            'varianceFactor' => $fit->varianceFactor,
            'readings' => $fit->readings,
            'places' => array_map(fn (string|int $id, Vector3 $at): array => ['id' => (string) $id, 'at' => $at->toArray()], array_keys($now), $now),
            'moves' => $this->moves($fit, $rear, $corners),
        ];
    }

    /**
     * @param  list<string>  $taken
     * @return array<string, Vector3>
     */
    private function places(Values $given, string $half, array $taken): array
    {
        $places = [];
        foreach ($given->list($half) as $i => $point) {
            $id = $point->text('id');
            if ($id === '' || isset($places[$id]) || in_array($id, $taken, true)) {
                throw InvalidFields::at("{$half}[$i].id", $id === '' ? 'a point has a name.' : "“{$id}” is there twice.");
            }
            $places[$id] = $this->place($point->numbers('at'));
        }

        return $places;
    }

    /** @param  list<float>  $at */
    private function place(array $at): Vector3
    {
        return Vector3::of($at[0], $at[1], $at[2]);
    }

    /** @param  non-empty-array<string, Vector3>  $rear */
    private function pivot(Values $given, array $rear): Vector3
    {
        if ($given->numbers('pivot') !== []) {
            return $this->place($given->numbers('pivot'));
        }

        return array_reduce($rear, fn (Vector3 $sum, Vector3 $one): Vector3 => $sum->plus($one), Vector3::of(0.0, 0.0, 0.0))->times(1 / count($rear));
    }

    /**
     * Turn first: pushing one end swings all else.
     *
     * @param  array<string, Vector3>  $rear
     * @param  list<string>  $corners
     * @return list<array<string, mixed>>
     */
    private function moves(PoseFit $fit, array $rear, array $corners): array
    {
        $pose = $fit->pose;
        $about = $pose->pivot->plus($pose->shift);
        [$cos, $sin] = [cos(-$pose->yaw), sin(-$pose->yaw)];
        $turned = $heights = [];
        foreach ($corners as $id) {
            $arm = $pose->place($rear[$id])->minus($about);
            $turned[] = ['id' => $id, 'change' => [$arm->x * ($cos - 1) - $arm->y * $sin, $arm->x * $sin + $arm->y * ($cos - 1)]];
            $heights[] = [
                'id' => $id, 'change' => $rear[$id]->z - $pose->place($rear[$id])->z,
                'sigma' => $fit->sigmaOf(array_map(fn (Vector3 $travel): float => $travel->z, $pose->travels($rear[$id]))),
            ];
        }

        return [
            ['move' => 'turn', 'angle' => -rad2deg($pose->yaw), 'sigma' => rad2deg($fit->sigma(5)), 'about' => [$about->x, $about->y], 'corners' => $turned],
            ['move' => 'heights', 'corners' => $heights],
            ['move' => 'sideways', 'amount' => -$pose->shift->y, 'sigma' => $fit->sigma(1)],
            ['move' => 'gap', 'amount' => -$pose->shift->x, 'sigma' => $fit->sigma(0)],
        ];
    }
}
