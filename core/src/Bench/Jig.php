<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

/** A bench, a jig, or a level floor with stands: its size and the screws that level it (mm). */
final readonly class Jig
{
    /**
     * @param  ?float  $length  between the screws, front to rear (mm); only what is worked out from it asks for it
     * @param  ?float  $width  between the screws, left to right (mm)
     * @param  float  $pitch  rise of a screw for one turn (mm)
     * @param  float  $travel  from the lower to the upper stop of a screw (mm)
     * @param  bool  $clockwiseRaises  seen from above
     * @param  float  $tolerance  what counts as level, square and set (mm)
     *
     * @throws UnusableBench if a size is not more than zero
     */
    public function __construct(
        public ?float $length = null,
        public ?float $width = null,
        public float $pitch = 2.0,
        public float $travel = 100.0,
        public bool $clockwiseRaises = true,
        public float $tolerance = 1.0,
    ) {
        foreach (['The length of the bench' => $length, 'The width of the bench' => $width, 'The screw pitch' => $pitch, 'The travel of the screws' => $travel, 'The tolerance of the bench' => $tolerance] as $what => $mm) {
            if ($mm !== null && (! is_finite($mm) || $mm <= 0.0)) {
                throw UnusableBench::notPositive($what, $mm);
            }
        }
    }

    /**
     * @return array{float, float} length and width (mm)
     *
     * @throws UnusableBench if it was not given
     */
    public function size(): array
    {
        return $this->length === null || $this->width === null ? throw UnusableBench::sizeWanted() : [$this->length, $this->width];
    }
}
