<?php

declare(strict_types=1);

namespace Geodex\Core\Reference\Movement;

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Words\Sentence;

/** How far one point moved from one survey to the next; mm. */
final readonly class Movement
{
    /**
     * @param  Vector3  $expanded  half the 95 % interval along each axis
     * @param  array{bool, bool, bool}  $moved  whether that is more than the two surveys are unsure of
     */
    public function __construct(public string $point, public Vector3 $shift, public Vector3 $expanded, public array $moved, public Sentence $text) {}

    public function hasMoved(): bool
    {
        return in_array(true, $this->moved, true);
    }
}
