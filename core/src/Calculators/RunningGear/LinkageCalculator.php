<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Ids;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;

/** A rigid axle on any links: what it can do, and what it does through travel. */
final readonly class LinkageCalculator implements Calculator
{
    /** Links that miss by less fit (mm). */
    private const FITS_MM = 1e-3;

    public static function name(): string
    {
        return 'linkage';
    }

    public static function title(): string
    {
        return 'Axle on its links';
    }

    public static function purpose(): string
    {
        return 'What links, guides and balls leave an axle free to do, where it rolls and squats about, how it steers, shifts and turns its pinion through travel, and what braking and drive ask of each link. Rigid links with ball ends, no bushes; springs at the wheels.';
    }

    public static function source(): string
    {
        return 'Screw theory of parallel mechanisms (Davidson and Hunt, Robots and Screw Theory); Dixon, Suspension Geometry; Race Car Vehicle Dynamics, chapter 17.';
    }

    public static function fields(): array
    {
        return [
            Field::group('wheels', 'Wheel centres', [Field::lengths('left', 'left', 3), Field::lengths('right', 'right', 3), Field::length('ground', 'Ground')->defaults(0.0)]),
            Field::listing('links', 'Links', [Field::text('id', 'Name')->optional(), Field::lengths('frame', 'at the frame', 3), Field::lengths('axle', 'at the axle', 3)], 0, 20)->optional(),
            Field::listing('guides', 'Guides', [Field::lengths('point', 'point of the axle', 3), Field::lengths('direction', 'may not move along', 3)], 0, 10)->optional(),
            Field::listing('balls', 'Balls', [Field::lengths('point', 'point of the axle', 3)], 0, 5)->optional(),
            Field::choice('end', 'Axle', ['rear', 'front'])->defaults('rear'),
            Field::choice('drive', 'Final drive', ['axle', 'chassis', 'none'])->defaults('axle'),
            Field::length('wheelbase', 'Wheelbase')->positive()->optional(),
            Field::length('cgHeight', 'Height of the mass centre')->positive()->optional(),
            Field::number('brakeShare', 'Share of braking')->between(0.0, 1.0)->optional(),
            Field::number('driveShare', 'Share of drive')->between(0.0, 1.0)->defaults(1.0),
            Field::listing('travel', 'Travel', [Field::length('left', 'left up'), Field::length('right', 'right up')], 0, 200)->optional(),
            Field::group('driveline', 'Driveshaft', [Field::lengths('frontJoint', 'front joint', 3), Field::lengths('pinionJoint', 'joint at the pinion', 3), Field::group('input', 'gearbox', ShaftAxis::fields()), Field::group('output', 'pinion', ShaftAxis::fields())])->optional(),
            Field::listing('loads', 'Loads', [Field::text('id', 'Name')->optional(), Field::number('mass', 'On the axle', 'kg')->positive(), Field::number('braking', 'braked with')->between(0.0, null)->defaults(0.0), Field::number('driving', 'driven with')->between(0.0, null)->defaults(0.0), Field::number('cornering', 'cornering to the right with')->defaults(0.0)], 0, 20)->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::word('state', 'Axle'), Result::count('constraints', 'Constraints'), Result::count('rank', 'that count'), Result::count('freedom', 'Free ways'), Result::count('spare', 'Spare'),
            Result::group('ride', 'At ride', [Result::lengths('instantCentre', 'instant centre: rearward, up'), Result::number('antiSquat', 'anti-squat', '%'), Result::number('antiLift', 'anti-lift', '%'), Result::length('rollCentre', 'roll centre, height'), Result::number('rollAxis', 'roll axis', '°'), Result::number('rollSteer', 'roll steer', '°/°'), Result::number('pinionPerBump', 'pinion', '°/mm'), Result::number('steerPerBump', 'steer', '°/mm'), Result::number('shiftPerBump', 'sideways', 'mm/mm')]),
            Result::table('lengths', 'Links, centre to centre', [Result::named('id', 'link'), Result::length('length', 'length')]),
            Result::table('travel', 'Through travel', [Result::length('left', 'left'), Result::length('right', 'right'), Result::truth('reached', 'reached'), Result::length('mismatch', 'links off by'), Result::lengths('shift', 'shift'), Result::number('steer', 'steer', '°'), Result::number('roll', 'roll', '°'), Result::number('pinion', 'pinion', '°'), Result::group('driveline', 'shaft', [Result::length('slip', 'slip'), Result::numbers('angles', 'angles', '°')])]),
            Result::table('misalignment', 'Ends of the links', [Result::named('id', 'link'), Result::number('frame', 'at the frame', '°'), Result::number('axle', 'at the axle', '°')]),
            Result::table('loads', 'Loads', [Result::named('id', 'case'), Result::table('links', 'links', [Result::named('id', 'link'), Result::number('force', 'pulled with', 'N')]), Result::numbers('springs', 'springs', 'N')]),
        ];
    }

    public function calculate(Values $given): array
    {
        $axle = LinkedAxle::of($given);
        $rank = $axle->rank(false);
        $freedom = 6 - $rank;
        $state = match (true) {
            $freedom < 2 => 'binds',
            $freedom > 2, $axle->rank(true) < 6 => 'loose',
            default => 'free',
        };
        $isFree = $state === 'free';
        $travel = $state === 'loose' || ! $given->has('travel') ? null : array_map(fn (Values $one): array => [$one->number('left'), $one->number('right')], $given->list('travel'));
        $poses = $travel === null ? null : array_map(fn (array $rise): AxlePose => $axle->posed($rise[0], $rise[1]), $travel);
        $shaft = AxleShaft::of($given->group('driveline'));

        return [
            'constraints' => $axle->constraints(), 'rank' => $rank, 'freedom' => $freedom, 'spare' => $axle->constraints() - $rank, 'state' => $state,
            'lengths' => $axle->lengths(),
            'ride' => $isFree ? (new AxleAtRide($axle))->told($given) : null,
            'travel' => $travel === null || $poses === null ? null : array_map(fn (array $rise, AxlePose $pose): array => ['left' => $rise[0], 'right' => $rise[1], ...$this->posed($axle, $pose, $shaft)], $travel, $poses),
            'misalignment' => $isFree && $poses !== null ? $axle->misalignment($poses) : null,
            'loads' => $isFree && $axle->constraints() === 4 ? array_map(fn (int $i, Values $load): array => ['id' => Ids::of($given->list('loads'), 'load', 'loads')[$i], ...$axle->loaded($load)], array_keys($given->list('loads')), $given->list('loads')) : null,
        ];
    }

    /** @return array<string, mixed> */
    private function posed(LinkedAxle $axle, AxlePose $pose, ?AxleShaft $shaft): array
    {
        $reached = $pose->mismatch <= self::FITS_MM;

        return ['reached' => $reached, 'mismatch' => $pose->mismatch, ...($reached ? [...$axle->told($pose), 'driveline' => $shaft?->at($pose)] : [])];
    }
}
