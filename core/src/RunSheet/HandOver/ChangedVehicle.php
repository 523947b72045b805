<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\HandOver;

/** What of a vehicle was changed, as far as it asks for something at the hand-over. */
final readonly class ChangedVehicle
{
    public function __construct(public bool $isPlanned, public bool $isCut, public bool $hasShaft, public bool $hasOtherWheelbase, public bool $hasLinesChanged, public bool $hasFasteners) {}
}
