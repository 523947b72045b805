<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Plan\PlannedFrame;
use Geodex\Core\Units\Angle;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Provenance;
use Geodex\Core\Words\Sentence;

/** Recalculates a shaft for where its joints are after the plan. docs/formulas.md, "Driveline". */
final readonly class ShaftCalculator implements HasProvenance
{
    public function __construct(private DrivelineLimits $limits = new DrivelineLimits) {}

    public static function provenance(): array
    {
        return [
            new Provenance('tube', 'Tube to cut', '(L₀ + e₀) − (L₁ + e₁): length with the slip just pulled apart, before less after', 'docs/formulas.md, Driveline'),
            new Provenance('engagement', 'Engagement', '(L₁ + e₁) − distance between the joint centres at that height', 'docs/formulas.md, Driveline'),
            new Provenance('variation', 'Speed variation', '(sec β − cos β) / 2 either way, at the steeper joint', 'Seherr-Thoss, Schmelz & Aucktor, Universal Joints and Driveshafts'),
        ];
    }

    /** @throws InvalidShaft if the plan cuts out the place of a joint */
    public function calculate(Shaft $shaft, ?PlannedFrame $plan = null): ShaftResult
    {
        $shaft = $plan === null ? $shaft : $this->moved($shaft, $plan);
        $ride = $shaft->rear->joint->minus($shaft->front->joint)->norm();
        $pulledApart = $ride + $shaft->slip->wanted;
        $states = [$this->state('ride', $shaft, Vector3::of(0, 0, 0), $pulledApart)];
        foreach (['bump' => $shaft->bump, 'droop' => $shaft->droop] as $name => $travel) {
            if ($travel !== null) {
                $states[] = $this->state($name, $shaft, $travel, $pulledApart);
            }
        }
        $engagements = array_map(fn (ShaftState $state): float => $state->engagement, $states);
        $angles = array_map(fn (ShaftState $state): float => max($state->angles->front->radians, $state->angles->rear->radians), $states);
        $critical = $shaft->tube->wall === null ? null : CriticalSpeed::of(max(array_map(fn (ShaftState $state): float => $state->length, $states)), $shaft->tube->outside, $shaft->tube->wall);
        $omega = $shaft->speed * 2 * M_PI / 60;
        $atRide = $states[0]->angles;
        $worse = max($atRide->front->radians, $atRide->rear->radians);
        $tubeToCut = $shaft->existing->pulledApart() - $pulledApart;
        $result = new ShaftResult(
            shaft: $shaft,
            states: $states,
            tubeToCut: $tubeToCut,
            bottomingClearance: $shaft->bump === null ? null : $shaft->slip->possible - max($engagements),
            minEngagement: $shaft->droop === null ? null : min($engagements),
            criticalSpeed: $critical,
            speedVariation: (1 / cos($worse) - cos($worse)) / 2,
            angularAcceleration: $omega * $omega * $atRide->residual->radians ** 2,
            worstAngle: Angle::ofRadians(max($angles)),
            warnings: [],
            cut: new ShaftCut($tubeToCut, $shaft->tube->kerf, $shaft->tube->gap),
            assumed: $this->assumed($shaft),
        );

        return $this->warned($result);
    }

    /** @return list<Sentence> */
    private function assumed(Shaft $shaft): array
    {
        return array_values(array_filter([
            $shaft->bump === null ? Sentence::of('shaft.no-bump', 'Full bump is not given: bottoming of the slip is not checked.') : null,
            $shaft->droop === null ? Sentence::of('shaft.no-droop', 'Full droop is not given: the engagement that is left there is not checked.') : null,
            $shaft->front->yaw === null || $shaft->rear->yaw === null ? Sentence::of('shaft.no-yaw', 'In plan the axis of the {joints} is taken to run straight: its angle is not given.', joints: implode(' and the ', array_filter([$shaft->front->yaw === null ? 'front joint' : null, $shaft->rear->yaw === null ? 'rear joint' : null]))) : null,
            $shaft->slip->minIsGiven ? null : Sentence::of('shaft.no-engagement', 'At least {least} of engagement is taken, the diameter of a usual spline: none is given.', least: Measure::given($shaft->slip->min)),
        ]));
    }

    private function moved(Shaft $shaft, PlannedFrame $plan): Shaft
    {
        $front = $plan->moved($shaft->front->joint);
        $rear = $plan->moved($shaft->rear->joint);
        if ($front === null || $rear === null) {
            throw InvalidShaft::jointCutOut($shaft->id);
        }

        return new Shaft(
            id: $shaft->id,
            front: $shaft->front->at($front),
            rear: $shaft->rear->at($rear),
            existing: $shaft->existing,
            slip: $shaft->slip,
            tube: $shaft->tube,
            phase: $shaft->phase,
            bump: $shaft->bump,
            droop: $shaft->droop,
            speed: $shaft->speed,
        );
    }

    private function state(string $name, Shaft $shaft, Vector3 $travel, float $pulledApart): ShaftState
    {
        $rear = $shaft->rear->at($shaft->rear->joint->plus($travel));
        $length = $rear->joint->minus($shaft->front->joint)->norm();

        return new ShaftState($name, $length, $pulledApart - $length, new JointAngles($shaft->front, $rear, $shaft->phase));
    }

    private function warned(ShaftResult $r): ShaftResult
    {
        return new ShaftResult(
            shaft: $r->shaft,
            states: $r->states,
            tubeToCut: $r->tubeToCut,
            bottomingClearance: $r->bottomingClearance,
            minEngagement: $r->minEngagement,
            criticalSpeed: $r->criticalSpeed,
            speedVariation: $r->speedVariation,
            angularAcceleration: $r->angularAcceleration,
            worstAngle: $r->worstAngle,
            warnings: (new ShaftChecker($this->limits))->warnings($r),
            cut: $r->cut,
            assumed: $r->assumed,
        );
    }
}
