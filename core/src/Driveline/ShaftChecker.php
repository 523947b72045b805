<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

/** Holds a recalculated shaft against the guideline limits and says what is wrong in one sentence each. */
final readonly class ShaftChecker
{
    public function __construct(private DrivelineLimits $limits) {}

    /** @return list<string> */
    public function warnings(ShaftResult $shaft): array
    {
        return [...$this->slip($shaft), ...$this->angles($shaft), ...$this->speed($shaft)];
    }

    /** @return list<string> */
    private function slip(ShaftResult $shaft): array
    {
        $warnings = [];
        if ($shaft->bottomingClearance !== null && $shaft->bottomingClearance <= 0) {
            $warnings[] = sprintf('The slip joint bottoms by %.0f mm before full travel: the shaft would push the gearbox and the axle apart.', -$shaft->bottomingClearance);
        }
        if ($shaft->leastEngagement !== null && $shaft->leastEngagement < $shaft->shaft->slip->least) {
            $warnings[] = sprintf('At full travel only %.0f mm of the slip joint stays engaged; at least %.0f mm is wanted.', $shaft->leastEngagement, $shaft->shaft->slip->least);
        }

        return $warnings;
    }

    /** @return list<string> */
    private function angles(ShaftResult $shaft): array
    {
        $ride = $shaft->states[0]->angles;
        $warnings = [];
        foreach (['front' => $ride->front, 'rear' => $ride->rear] as $joint => $angle) {
            if ($angle->degrees() > $this->limits->maxJointAngle) {
                $warnings[] = sprintf('The %s joint runs at %.1f° at ride height; the guideline is at most %.1f° (%s).', $joint, $angle->degrees(), $this->limits->maxJointAngle, $this->limits->whose('maxJointAngle'));
            }
            if ($angle->degrees() < $this->limits->minJointAngle) {
                $warnings[] = sprintf('The %s joint runs nearly straight (%.1f°); under %.1f° (%s) its needle rollers do not turn and dent their races.', $joint, $angle->degrees(), $this->limits->minJointAngle, $this->limits->whose('minJointAngle'));
            }
        }
        if (abs($ride->front->degrees() - $ride->rear->degrees()) > $this->limits->maxDifference) {
            $warnings[] = sprintf('The joint angles differ by %.1f° (front %.1f°, rear %.1f°); they cancel only when equal, and %.1f° (%s) is allowed.', abs($ride->front->degrees() - $ride->rear->degrees()), $ride->front->degrees(), $ride->rear->degrees(), $this->limits->maxDifference, $this->limits->whose('maxDifference'));
        }
        if ($ride->residual->degrees() > $this->limits->maxResidual) {
            $warnings[] = sprintf('The joints leave an uneven turning of %.1f° uncancelled, over %.1f° (%s); check the yoke phase and the axle angle.', $ride->residual->degrees(), $this->limits->maxResidual, $this->limits->whose('maxResidual'));
        }

        return $warnings;
    }

    /** @return list<string> */
    private function speed(ShaftResult $shaft): array
    {
        if ($shaft->criticalSpeed === null) {
            return ['The wall of the tube is not known, so its critical speed is not computed. Measure the wall once the tube is cut.'];
        }
        $share = $shaft->shaft->speed / $shaft->criticalSpeed;

        return $share <= $this->limits->maxSpeedShare ? [] : [sprintf(
            'At %.0f rev/min the shaft runs at %.0f %% of its critical speed (%.0f rev/min); stay below %.0f %% (%s). Use a larger tube, or two shafts with a centre bearing.',
            $shaft->shaft->speed, 100 * $share, $shaft->criticalSpeed, 100 * $this->limits->maxSpeedShare, $this->limits->whose('maxSpeedShare'),
        )];
    }
}
