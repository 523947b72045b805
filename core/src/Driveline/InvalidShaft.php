<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

use Geodex\Core\Failure\Refusal;

/** Figures that no shaft can have. */
final class InvalidShaft extends Refusal
{
    public static function because(string $part, string $why): self
    {
        return new self('driveline.invalid', "Shaft ($part): $why", ['part' => $part]);
    }

    public static function jointCutOut(string $shaft): self
    {
        return new self('driveline.joint-cut-out', "The plan cuts out the place of a joint of shaft $shaft; move the cut, or give the joint its new place.", ['shaft' => $shaft]);
    }
}
