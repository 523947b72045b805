<?php

declare(strict_types=1);

namespace App\Documents;

/** A reading of a log as it stands now: what was read, and what became of it. */
final readonly class LoggedReading
{
    /**
     * @param  string  $id  given by the client
     * @param  list<string>  $points  in the order of the call
     * @param  'mm'|'in'|'deg'  $typedUnit  what a bare number meant
     * @param  ?float  $mm  of a length
     * @param  ?float  $degrees  of an angle
     * @param  ?float  $sigma  in the same unit; null for the usual one of its kind
     * @param  ?array{float, float}  $pointers  mm
     * @param  'near'|'far'|null  $edge
     * @param  ?float  $offset  what its tool reads too much, in the same unit
     * @param  ?string  $supersedes  id of the reading that it was taken to replace
     * @param  ?int  $supersededBy  number of the newest replacement that stands
     * @param  ?string  $struckBecause  reason, where it is struck
     * @param  string  $at  when it was taken, UTC in ISO 8601
     */
    public function __construct(
        public string $id,
        public int $number,
        public string $kind,
        public array $points,
        public string $typed,
        public string $typedUnit,
        public ?float $mm,
        public ?float $degrees,
        public ?float $sigma,
        public ?array $pointers,
        public ?string $edge,
        public ?float $offset,
        public ?string $instrument,
        public ?string $supersedes,
        public ?int $supersededBy,
        public ?string $struckBecause,
        public string $by,
        public string $at,
        public ?string $struckBy = null,
        public ?string $struckAt = null,
    ) {}
}
