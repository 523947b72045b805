<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Survey\Cause\LikelyCause;

/** One reading against what all the others say; numbers in the reading's unit (mm or degrees). */
final readonly class ReadingResult
{
    /**
     * @param  ?float  $adjusted  value at the adjusted positions, null if a point it names is not measured
     * @param  ?float  $residual  adjusted less read
     * @param  ?float  $redundancy  0 (nothing checks it) to 1 (fully checked); null for a struck reading
     * @param  ?float  $standardised  residual in units of its own standard uncertainty, null if unchecked or struck
     * @param  ?float  $error  read less what the others predict; suspects only
     * @param  ?float  $detectable  smallest mistake that is found in 95 of 100 cases; null if none is
     * @param  list<LikelyCause>  $causes  of the mistake in a suspect, the likeliest first
     */
    public function __construct(
        public string $id,
        public ?float $adjusted,
        public ?float $residual,
        public ?float $redundancy,
        public ?float $standardised,
        public ReadingStatus $status,
        public ?float $error,
        public bool $checked,
        public array $causes = [],
        public ?float $detectable = null,
    ) {}
}
