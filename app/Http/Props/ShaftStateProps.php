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

        return new self($name, $state->length, $state->engagement, $state->angles->front->degrees(), $state->angles->rear->degrees(), $state->angles->residual->degrees());
    }
}
