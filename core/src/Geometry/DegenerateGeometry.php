<?php

declare(strict_types=1);

namespace Geodex\Core\Geometry;

use Geodex\Core\Failure\Refusal;

/** Points that coincide or line up where the computation needs them apart. */
final class DegenerateGeometry extends Refusal
{
    public static function noDirection(float $mm): self
    {
        return new self('geometry.no-direction', sprintf('Two places only %.3g mm apart give no direction; check that they are different points.', $mm), ['mm' => $mm]);
    }

    public static function shorterThanPointers(string $from, string $to, float $mm): self
    {
        return new self(
            'geometry.pointers-too-far-apart',
            sprintf('%s and %s are %.1f mm apart, less than the difference of the two pointers; check the pointer lengths.', $from, $to, $mm),
            ['from' => $from, 'to' => $to, 'mm' => $mm],
        );
    }

    public static function pointsInLine(int $count): self
    {
        return new self('geometry.points-in-line', "The $count points lie in one line, so they cannot hold a frame against turning; choose three that form a triangle.", ['count' => $count]);
    }
}
