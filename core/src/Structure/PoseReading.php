<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

use Geodex\Core\Survey\Reading\ReadingKind;

/** A reading between the halves of a cut frame, or of a point of the loose one. */
final readonly class PoseReading
{
    /** @param  float  $sigma  mm or degrees */
    public function __construct(public string $id, public ReadingKind $kind, public float $value, public float $sigma) {}
}
