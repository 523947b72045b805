<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

/** One change of the frame's length at a station of the chart as it was before any change. */
interface Operation
{
    public static function kind(): string;

    public function id(): string;

    /** Station of the front cut (mm). */
    public function from(): float;

    /** Length along the rail that is put in (mm, positive) or taken out (negative). */
    public function growth(): float;

    public function cutting(): Cutting;
}
