<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;

/** The axis that a wheel is steered about, and what moving one of its pivots does. */
final readonly class SteeringAxisCalculator implements Calculator
{
    private const APART_MM = 10.0;

    public static function name(): string
    {
        return 'steering-axis';
    }

    public static function title(): string
    {
        return 'Steering axis: camber, caster, scrub';
    }

    public static function purpose(): string
    {
        return 'Kingpin inclination, caster, camber, scrub and trail from four points, and the two cures of camber: the arm moved, or the pivot moved in the upright. Ride height is kept at the lower pivot; set toe and tie rods anew afterwards.';
    }

    public static function source(): string
    {
        return 'Dixon, Suspension Geometry and Computation; Race Car Vehicle Dynamics, chapter 19.';
    }

    public static function fields(): array
    {
        return [
            Field::choice('side', 'Side', ['right', 'left']),
            Field::lengths('upper', 'Upper pivot', 3, help: 'Rearward, right, up.'),
            Field::lengths('lower', 'Lower pivot', 3),
            Field::group('wheel', 'Wheel', [Field::lengths('centre', 'Centre', 3), Field::length('radius', 'Radius')->positive(), Field::number('camber', 'Camber, top outward', '°')->between(-30.0, 30.0)->defaults(0.0), Field::number('toe', 'Toe-in', '°')->between(-30.0, 30.0)->defaults(0.0)]),
            Field::listing('moves', 'Moves', [Field::choice('pivot', 'Pivot', ['upper', 'lower']), Field::choice('where', 'Moved', ['arm', 'upright'], 'Arm: its place in the frame. Upright: its place in the upright.'), Field::lengths('by', 'by', 3)], 0, 20)->optional(),
        ];
    }

    public static function results(): array
    {
        $state = [Result::number('kpi', 'Kingpin inclination', '°'), Result::number('caster', 'Caster', '°'), Result::number('camber', 'Camber', '°'), Result::number('includedAngle', 'Included angle', '°'), Result::length('scrubRadius', 'Scrub radius'), Result::length('trail', 'Trail'), Result::number('toe', 'Toe-in', '°')];

        return [Result::group('before', 'Before', $state), Result::group('after', 'After', [...$state, Result::lengths('upper', 'Upper pivot')]), Result::group('change', 'Change', [...$state, Result::length('halfTrack', 'Wheel outward'), Result::length('height', 'Wheel up')])];
    }

    public function calculate(Values $given): array
    {
        $side = $given->text('side') === 'right' ? 1.0 : -1.0;
        $wheel = $given->within('wheel');
        [$upper, $lower, $centre] = [self::point($given, 'upper'), self::point($given, 'lower'), self::point($wheel, 'centre')];
        self::mustStand($upper, $lower, 'upper');
        [$camber, $toe] = [deg2rad($wheel->number('camber')), deg2rad($wheel->number('toe'))];
        $spindle = Vector3::of(-sin($toe) * cos($camber), $side * cos($toe) * cos($camber), -sin($camber));
        $before = $this->state($side, $upper, $lower, $centre, $spindle, $wheel->number('radius'));
        $at = ['upper arm' => $upper, 'lower arm' => $lower, 'upper upright' => $upper, 'lower upright' => $lower];
        foreach ($given->list('moves') as $move) {
            $by = self::point($move, 'by');
            $key = "{$move->text('pivot')} {$move->text('where')}";
            $at[$key] = $at[$key]->plus($by);
        }
        self::mustStand($at['upper upright'], $at['lower upright'], 'moves');
        $line = $at['upper upright']->minus($at['lower upright']);
        $across = $line->dot($line) - ($at['upper arm']->x - $at['lower arm']->x) ** 2 - ($at['upper arm']->y - $at['lower arm']->y) ** 2;
        if ($across <= 0.0) {
            throw InvalidFields::at('moves', 'pull the pivots farther apart than the upright reaches.');
        }
        $top = Vector3::of($at['upper arm']->x, $at['upper arm']->y, $at['lower arm']->z + sqrt($across));
        self::mustStand($top, $at['lower arm'], 'moves');
        $turn = fn (Vector3 $what): Vector3 => JointChain::turned($what, $line->unit(), $top->minus($at['lower arm'])->unit());
        $after = $this->state($side, $top, $at['lower arm'], $at['lower arm']->plus($turn($centre->minus($at['lower upright']))), $turn($spindle), $wheel->number('radius'));
        $change = ['halfTrack' => $side * ($after['contact'][1] - $before['contact'][1]), 'height' => $after['contact'][2] - $before['contact'][2]];
        foreach (['kpi', 'caster', 'camber', 'includedAngle', 'scrubRadius', 'trail', 'toe'] as $key) {
            $change[$key] = $after[$key] - $before[$key];
        }

        return ['before' => $before, 'after' => [...$after, 'upper' => $top->toArray()], 'change' => $change];
    }

    private static function point(Values $given, string $name): Vector3
    {
        return $given->place($name) ?? throw InvalidFields::at($name, 'missing.');
    }

    private static function mustStand(Vector3 $upper, Vector3 $lower, string $path): void
    {
        if ($upper->z - $lower->z < self::APART_MM) {
            throw InvalidFields::at($path, 'the upper pivot stands at least 10 mm above the lower one.');
        }
    }

    /** @return array{kpi: float, caster: float, camber: float, includedAngle: float, scrubRadius: float, trail: float, toe: float, contact: array{float, float, float}, axisAtGround: array{float, float}} */
    private function state(float $side, Vector3 $upper, Vector3 $lower, Vector3 $centre, Vector3 $spindle, float $radius): array
    {
        $down = Vector3::of(0.0, 0.0, -1.0);
        $contact = $centre->plus($down->minus($spindle->times($down->dot($spindle)))->unit()->times($radius));
        $line = $upper->minus($lower);
        $axis = $lower->plus($line->times(($contact->z - $lower->z) / $line->z));
        $kpi = rad2deg(atan2($side * ($lower->y - $upper->y), $line->z));
        $camber = -rad2deg(asin(max(-1.0, min(1.0, $spindle->z))));

        return [
            'kpi' => $kpi, 'caster' => rad2deg(atan2($line->x, $line->z)), 'camber' => $camber, 'includedAngle' => $kpi + $camber, 'scrubRadius' => $side * ($contact->y - $axis->y),
            'trail' => $contact->x - $axis->x, 'toe' => rad2deg(atan2(-$spindle->x, $side * $spindle->y)), 'contact' => $contact->toArray(), 'axisAtGround' => [$axis->x, $axis->y],
        ];
    }
}
