<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

use Geodex\Core\Units\LengthUnit;

/** What stood on the tool, before edges and the tool's own offset were taken into account. */
final readonly class AsRead
{
    /**
     * @param  string  $typed  the value as typed
     * @param  LengthUnit  $unit  what a bare number meant
     * @param  float  $correction  what was added to it (mm)
     * @param  ?string  $instrument  id of the tool, where one is named
     */
    public function __construct(public string $typed, public LengthUnit $unit, public float $correction = 0.0, public ?string $instrument = null) {}
}
