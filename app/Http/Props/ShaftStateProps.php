<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Driveline\ShaftState;

/** The shaft at one height of the suspension; mm and degrees. */
final readonly class ShaftStateProps
{
    /** @param  'ride'|'bump'|'droop'  $at */
    public function __construct(public string $at, public float $length, public float $engagement, public float $frontAngle, public float $rearAngle, public float $residual) {}

    public static function from(ShaftState $state): self
    {
        /** @var 'ride'|'bump'|'droop' $name */
        $name = $state->name;

        return new self(
            at: $name,
            length: $state->length,
            engagement: $state->engagement,
            frontAngle: $state->angles->front->degrees(),
            rearAngle: $state->angles->rear->degrees(),
            residual: $state->angles->residual->degrees(),
        );
    }
}
