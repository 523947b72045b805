<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** Holds a recalculated shaft against the guideline limits and says what is wrong in one sentence each. */
final readonly class ShaftChecker
{
    public function __construct(private DrivelineLimits $limits) {}

    /** @return list<Sentence> */
    public function warnings(ShaftResult $shaft): array
    {
        return [...$this->slip($shaft), ...$this->angles($shaft), ...$this->speed($shaft)];
    }

    /** @return list<Sentence> */
    private function slip(ShaftResult $shaft): array
    {
        $warnings = [];
        if ($shaft->bottomingClearance !== null && $shaft->bottomingClearance <= 0) {
            $warnings[] = Sentence::of('shaft.bottoms', 'The slip joint bottoms by {by} before full travel: the shaft would push the gearbox and the axle apart.', by: Measure::computed(-$shaft->bottomingClearance));
        }
        if ($shaft->minEngagement !== null && $shaft->minEngagement < $shaft->shaft->slip->min) {
            $warnings[] = Sentence::of('shaft.engagement', 'At full travel only {engaged} of the slip joint stays engaged; at least {least} is wanted.', engaged: Measure::computed($shaft->minEngagement), least: Measure::given($shaft->shaft->slip->min));
        }

        return $warnings;
    }

    /** @return list<Sentence> */
    private function angles(ShaftResult $shaft): array
    {
        $ride = $shaft->states[0]->angles;
        $warnings = [];
        foreach (['front' => $ride->front, 'rear' => $ride->rear] as $joint => $angle) {
            if ($angle->degrees() > $this->limits->maxJointAngle) {
                $warnings[] = Sentence::of('shaft.joint-angle', 'The {joint} joint runs at {angle} at ride height; the guideline is at most {limit} ({whose}).', joint: $joint, angle: sprintf('%.1f°', $angle->degrees()), limit: sprintf('%.1f°', $this->limits->maxJointAngle), whose: $this->limits->whose('maxJointAngle'));
            }
            if ($angle->degrees() < $this->limits->minJointAngle) {
                $warnings[] = Sentence::of('shaft.straight', 'The {joint} joint runs nearly straight ({angle}); under {limit} ({whose}) its needle rollers do not turn and dent their races.', joint: $joint, angle: sprintf('%.1f°', $angle->degrees()), limit: sprintf('%.1f°', $this->limits->minJointAngle), whose: $this->limits->whose('minJointAngle'));
            }
        }
        if (abs($ride->front->degrees() - $ride->rear->degrees()) > $this->limits->maxDifference) {
            $warnings[] = Sentence::of('shaft.unequal', 'The joint angles differ by {by} (front {front}, rear {rear}); they cancel only when equal, and {limit} ({whose}) is allowed.', by: sprintf('%.1f°', abs($ride->front->degrees() - $ride->rear->degrees())), front: sprintf('%.1f°', $ride->front->degrees()), rear: sprintf('%.1f°', $ride->rear->degrees()), limit: sprintf('%.1f°', $this->limits->maxDifference), whose: $this->limits->whose('maxDifference'));
        }
        if ($ride->residual->degrees() > $this->limits->maxResidual) {
            $warnings[] = Sentence::of('shaft.residual', 'The joints leave an uneven turning of {residual} uncancelled, over {limit} ({whose}); check the yoke phase and the axle angle.', residual: sprintf('%.1f°', $ride->residual->degrees()), limit: sprintf('%.1f°', $this->limits->maxResidual), whose: $this->limits->whose('maxResidual'));
        }

        return $warnings;
    }

    /** @return list<Sentence> */
    private function speed(ShaftResult $shaft): array
    {
        if ($shaft->criticalSpeed === null) {
            return [Sentence::of('shaft.no-wall', 'The wall of the tube is not known, so its critical speed is not computed. Measure the wall once the tube is cut.')];
        }
        $share = $shaft->shaft->speed / $shaft->criticalSpeed;

        return $share <= $this->limits->maxSpeedShare ? [] : [Sentence::of(
            'shaft.critical', 'At {speed} rev/min the shaft runs at {share} % of its critical speed ({critical} rev/min); stay below {limit} % ({whose}). Use a larger tube, or two shafts with a centre bearing.',
            speed: sprintf('%.0f', $shaft->shaft->speed), share: sprintf('%.0f', 100 * $share), critical: sprintf('%.0f', $shaft->criticalSpeed), limit: sprintf('%.0f', 100 * $this->limits->maxSpeedShare), whose: $this->limits->whose('maxSpeedShare'),
        )];
    }
}
