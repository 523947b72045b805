<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

use Geodex\Core\Failure\Refusal;

/** A reading that no frame can give. */
final class ImpossibleReading extends Refusal
{
    public static function samePointTwice(string $reading, string $point): self
    {
        return new self('reading.same-point-twice', "$point is named twice; a reading runs between two different points.", ['reading' => $reading, 'point' => $point]);
    }

    public static function because(string $reading, string $why): self
    {
        return new self('reading.impossible', $why, ['reading' => $reading]);
    }
}
