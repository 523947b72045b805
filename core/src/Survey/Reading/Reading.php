<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

use Geodex\Core\Units\InvalidQuantity;

/** One reading in the log: what was read, how sure, and whether it was struck out. */
final readonly class Reading
{
    /** No tool is better, none is worse (mm or degrees). */
    private const MIN_SIGMA = 1e-4;

    private const MAX_SIGMA = 1000.0;

    /**
     * @param  float  $value  mm, or degrees for an angle
     * @param  float  $sigma  standard uncertainty in the same unit
     * @param  ?AsRead  $asRead  what was typed, where it was
     * @param  ?string  $struckBecause  reason it stays in the log and out of the computation
     *
     * @throws InvalidQuantity if the value is not finite or the uncertainty not more than zero
     * @throws ImpossibleReading if it names one point twice or no frame can give its value
     */
    public function __construct(
        public string $id,
        public ReadingKind $kind,
        public float $value,
        public float $sigma,
        public ?string $struckBecause = null,
        public ?AsRead $asRead = null,
    ) {
        if (! is_finite($value)) {
            throw InvalidQuantity::notFinite("Reading $id");
        }
        if (! is_finite($sigma) || $sigma <= 0.0) {
            throw InvalidQuantity::notPositive("The sigma of reading $id", $sigma);
        }
        if ($sigma < self::MIN_SIGMA || $sigma > self::MAX_SIGMA) {
            throw ImpossibleReading::because($id, sprintf('No tool is good for %g: a sigma is from %g to %g.', $sigma, self::MIN_SIGMA, self::MAX_SIGMA));
        }
        $points = $kind->points();
        foreach ($points as $i => $point) {
            if (in_array($point, array_slice($points, 0, $i), true)) {
                throw ImpossibleReading::samePointTwice($id, $point);
            }
        }
        $why = $kind->implausible($value);
        if ($why !== null) {
            throw ImpossibleReading::because($id, $why);
        }
    }

    public function isStruck(): bool
    {
        return $this->struckBecause !== null;
    }
}
