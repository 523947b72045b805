<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Driveline\ShaftResult;
use Geodex\Core\Driveline\ShaftState;
use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Words\Sentence;

/** A recalculated shaft as one open document; mm, degrees, rev/min, rad/s². */
final readonly class DrivelineDocument
{
    /** @return array<string, mixed> */
    public function of(ShaftResult $result): array
    {
        return [
            'shaft' => $result->shaft->id,
            'joints' => ['front' => $result->shaft->front->joint, 'rear' => $result->shaft->rear->joint],
            'states' => array_map($this->state(...), $result->states),
            'tubeToCut' => round($result->tubeToCut, 3),
            'newTube' => round($result->cut->newTube, 3),
            'insert' => $result->cut->insert === null ? null : round($result->cut->insert, 3),
            'marks' => $result->cut->marks === null ? null : round($result->cut->marks, 3),
            'bottomingClearance' => $result->bottomingClearance === null ? null : round($result->bottomingClearance, 3),
            'leastEngagement' => $result->minEngagement === null ? null : round($result->minEngagement, 3),
            'criticalSpeed' => $result->criticalSpeed === null ? null : round($result->criticalSpeed, 1),
            'speedVariation' => round($result->speedVariation, 6),
            'angularAcceleration' => round($result->angularAcceleration, 2),
            'assumed' => array_map(fn (Sentence $one): string => $one->in(LengthUnit::Millimetre), $result->assumed),
            'warnings' => array_map(fn (Sentence $one): string => $one->in(LengthUnit::Millimetre), $result->warnings),
        ];
    }

    /** @return array<string, mixed> */
    private function state(ShaftState $state): array
    {
        return [
            'at' => $state->name,
            'length' => round($state->length, 3),
            'engagement' => round($state->engagement, 3),
            'frontAngle' => round($state->angles->front->degrees(), 4),
            'rearAngle' => round($state->angles->rear->degrees(), 4),
            'residual' => round($state->angles->residual->degrees(), 4),
        ];
    }
}
