<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Bending;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;

/** A tube bent at one radius: cut length, marks of each bend, how far the bender is set, walls. */
final readonly class TubeBendCalculator implements Calculator
{
    /** Radius to diameter, and wall to diameter, under which a tube folds unless it is held from inside. */
    private const HELD_UNDER = ['radius' => 3.0, 'wall' => 0.05];

    /** Degrees that a point of a bent line turns at the least; as far from turning back. */
    private const LEAST_TURN = 0.1;

    public static function name(): string
    {
        return 'tube-bend';
    }

    public static function title(): string
    {
        return 'Bend a tube';
    }

    public static function purpose(): string
    {
        return 'How long a tube is cut, where each bend starts and ends, how far it is turned in the bender and how far the bender is set. One radius for all; try the springback on an offcut.';
    }

    public static function source(): string
    {
        return 'Tube bending by the centre line; walls by constant volume; springback in proportion, support by shop default.';
    }

    public static function fields(): array
    {
        return [
            Field::length('diameter', 'Outer diameter')->positive(),
            Field::length('wall', 'Wall')->positive(),
            Field::length('radius', 'Radius of the centre line')->positive(),
            Field::lengths('legs', 'Legs, between the points where they would meet', 2, 101)->positive()->optional(),
            Field::listing('bends', 'Bends', [Field::number('angle', 'Bent by', '°')->positive(), Field::number('rotation', 'Turned before', '°', 'Clockwise, looking along the tube from its start: plus.')->between(-180.0, 180.0)->optional()], 1, 100)->optional(),
            Field::places('points', 'or the points of the centre line', 3, 3)->optional(),
            Field::group('springback', 'Springback', [Field::number('asked', 'Set', '°')->positive(), Field::number('got', 'Got', '°')->positive()])->optional(),
            Field::length('clamp', 'Straight that the clamp needs')->between(0.0, null)->defaults(0.0),
            Field::length('allowance', 'Left on at each end')->between(0.0, null)->defaults(0.0),
        ];
    }

    public static function results(): array
    {
        return [
            Result::length('cutLength', 'Cut the tube to'),
            Result::table('bends', 'Bends', [Result::length('start', 'starts at'), Result::length('end', 'ends at'), Result::number('angle', 'bent by', '°'), Result::number('ask', 'set', '°'), Result::number('rotation', 'turned before', '°'), Result::length('setback', 'setback'), Result::length('arc', 'arc')]),
            Result::lengths('straights', 'Straights'),
            Result::length('outerWall', 'Wall outside'),
            Result::length('innerWall', 'Wall inside'),
            Result::number('radiusRatio', 'Radius to diameter'),
            Result::word('needsSupport', 'To be held from inside, by mandrel or sand'),
            Result::truth('clampOk', 'Room for the clamp at each bend'),
        ];
    }

    public function calculate(Values $given): array
    {
        [$diameter, $wall, $radius, $allowance] = [$given->number('diameter'), $given->number('wall'), $given->number('radius'), $given->number('allowance')];
        if ($radius <= $diameter / 2) {
            throw InvalidFields::at('radius', 'more than half the diameter.');
        }
        if ($wall >= $diameter / 2) {
            throw InvalidFields::at('wall', 'less than half the diameter.');
        }
        [$legs, $turns] = $this->line($given);
        $setbacks = array_map(fn (array $turn): float => $radius * tan(deg2rad($turn['angle']) / 2), $turns);
        $straights = array_map(fn (int $i, float $leg): float => $leg - ($setbacks[$i - 1] ?? 0.0) - ($setbacks[$i] ?? 0.0), array_keys($legs), $legs);
        $ratio = $this->ratio($given->group('springback'));
        $at = $allowance;
        $bends = [];
        foreach ($turns as $i => ['angle' => $angle, 'rotation' => $rotation]) {
            $arc = $radius * deg2rad($angle);
            $ask = $angle * $ratio;
            if ($ask >= 180.0) {
                throw InvalidFields::at("bends[$i].angle", sprintf('with its springback the bender would have to be set to %.1f°.', $ask));
            }
            $bends[] = ['angle' => $angle, 'rotation' => $rotation, 'setback' => $setbacks[$i], 'arc' => $arc, 'start' => $at + $straights[$i], 'end' => $at + $straights[$i] + $arc, 'ask' => $ask];
            $at += $straights[$i] + $arc;
        }
        foreach ($straights as $i => $straight) {
            if ($straight < -1e-9) {
                throw InvalidFields::at($given->has('legs') ? "legs[$i]" : "points[$i]", sprintf('the bends at its ends take %.1f mm more than there is.', -$straight));
            }
        }

        return [
            'cutLength' => $at + $straights[count($turns)] + $allowance, 'bends' => $bends, 'straights' => $straights,
            'outerWall' => $wall * $radius / ($radius + $diameter / 2), 'innerWall' => $wall * $radius / ($radius - $diameter / 2), 'radiusRatio' => $radius / $diameter,
            'needsSupport' => $radius / $diameter < self::HELD_UNDER['radius'] && $wall / $diameter < self::HELD_UNDER['wall'], 'clampOk' => min($straights) >= $given->number('clamp') - 1e-9,
        ];
    }

    /**
     * Legs and what is between them, as given or from points.
     *
     * @return array{non-empty-list<float>, list<array{angle: float, rotation: float}>}
     */
    private function line(Values $given): array
    {
        $isByLegs = $given->has('legs') || $given->has('bends');
        if ($isByLegs === $given->has('points')) {
            throw InvalidFields::at('points', 'give legs with bends, or points; not both, and not neither.');
        }
        if (! $isByLegs) {
            return $this->through(array_map(fn (array $place): Vector3 => Vector3::of($place[0] ?? NAN, $place[1] ?? NAN, $place[2] ?? NAN), $given->places('points')));
        }
        $legs = $given->has('legs') ? $given->numbers('legs') : [];
        $bends = $given->has('bends') ? $given->list('bends') : [];
        if ($legs === [] || count($bends) !== count($legs) - 1) {
            throw InvalidFields::at('bends', 'one bend fewer than there are legs.');
        }
        $turns = [];
        foreach ($bends as $i => $bend) {
            [$angle, $rotation] = [$bend->number('angle'), $bend->optional('rotation') ?? 0.0];
            if ($angle >= 180.0) {
                throw InvalidFields::at("bends[$i].angle", 'under 180°.');
            }
            if ($rotation <= -180.0 || ($i === 0 && $rotation !== 0.0)) {
                throw InvalidFields::at("bends[$i].rotation", $i === 0 ? 'the first bend is turned from nothing.' : 'over −180° to 180°.');
            }
            $turns[] = ['angle' => $angle, 'rotation' => $rotation];
        }

        return [$legs, $turns];
    }

    /**
     * @param  list<Vector3>  $points
     * @return array{non-empty-list<float>, list<array{angle: float, rotation: float}>}
     */
    private function through(array $points): array
    {
        $legs = $along = [];
        for ($i = 1; $i < count($points); $i++) {
            $leg = $points[$i]->minus($points[$i - 1]);
            $legs[] = $leg->norm();
            $along[] = $leg->norm() > 1e-9 ? $leg->unit() : throw InvalidFields::at("points[$i]", 'the same place as the point before.');
        }
        $turns = [];
        $before = null;
        for ($i = 1; $i < count($along); $i++) {
            $normal = $along[$i - 1]->cross($along[$i]);
            $angle = rad2deg(atan2($normal->norm(), $along[$i - 1]->dot($along[$i])));
            if ($angle < self::LEAST_TURN || $angle > 180.0 - self::LEAST_TURN) {
                throw InvalidFields::at("points[$i]", 'the line runs straight on there, or back on itself.');
            }
            $plane = $normal->unit();
            $turns[] = ['angle' => $angle, 'rotation' => $before === null ? 0.0 : $this->rotation($before, $plane, $along[$i - 1])];
            $before = $plane;
        }

        return $legs === [] ? throw InvalidFields::at('points', 'three or more.') : [$legs, $turns];
    }

    /** Degrees, over −180 to 180, clockwise looking along the leg. */
    private function rotation(Vector3 $before, Vector3 $plane, Vector3 $leg): float
    {
        $turn = rad2deg(atan2($leg->dot($before->cross($plane)), $before->dot($plane)));

        return $turn <= -180.0 + 1e-9 ? 180.0 : $turn;
    }

    private function ratio(?Values $springback): float
    {
        if ($springback === null) {
            return 1.0;
        }
        [$asked, $got] = [$springback->number('asked'), $springback->number('got')];

        return $got > $asked ? throw InvalidFields::at('springback.got', 'a tube springs back: no more than was set.') : $asked / $got;
    }
}
