<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Call;

use Geodex\Core\Survey\Reading\Edge;
use Geodex\Core\Survey\Reading\ReadingKind;

/** A call understood: what is read between which points, and the value beside what was typed. */
final readonly class CalledReading
{
    /**
     * @param  ?array{float, float}  $pointers  mm
     * @param  string  $typed  the value as typed
     * @param  float  $value  mm or degrees
     * @param  ?float  $sigma  standard uncertainty (mm) where a shouted remainder widens the usual one
     */
    public function __construct(public ReadingKind $kind, public ?array $pointers, public string $typed, public float $value, public ?Edge $edge = null, public ?float $sigma = null) {}
}
