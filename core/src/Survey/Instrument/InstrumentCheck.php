<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Instrument;

use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/**
 * A tool checked against a known length: readings taken anew each time, bar reset. The offset is the mean error, the sigma
 * the sample standard deviation with the offset's own uncertainty (Ghilani, Adjustment Computations, chapters 3 and 4).
 */
final readonly class InstrumentCheck
{
    private const MIN_READINGS = 3;

    /** A scale is not read finer than this (mm, or tenths of a degree would be coarser). */
    private const FINEST = 0.05;

    private const FAR_OFF = 100.0;

    /** Student's t, two-sided 95 %, for 2 to 30 degrees of freedom (any table). */
    private const STUDENT = [2 => 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.160, 2.145, 2.131, 2.120, 2.110, 2.101, 2.093, 2.086, 2.080, 2.074, 2.069, 2.064, 2.060, 2.056, 2.052, 2.048, 2.045, 2.042];

    private function __construct(
        public float $offset,
        public float $sigma,
        public float $offsetExpanded,
        public bool $offsetMatters,
        public int $readings,
        public Sentence $text,
    ) {}

    /**
     * @param  float  $known  the known length (mm, or degrees)
     * @param  list<float>  $read  what the tool read of it, each time anew
     * @param  'mm'|'°'  $unit  of all of them
     *
     * @throws UnusableInstrument with fewer than three readings, or readings of something else
     */
    public static function of(float $known, array $read, string $unit = 'mm'): self
    {
        $n = count($read);
        if ($n < self::MIN_READINGS) {
            throw UnusableInstrument::tooFewReadings($n);
        }
        $mean = array_sum($read) / $n;
        if (abs($mean - $known) > self::FAR_OFF) {
            throw UnusableInstrument::farOff($mean, $known);
        }
        $spread = max(self::FINEST, sqrt(array_sum(array_map(fn (float $value): float => ($value - $mean) ** 2, $read)) / ($n - 1)));
        $expanded = self::STUDENT[min(30, $n - 1)] * $spread / sqrt($n);
        $matters = abs($mean - $known) > $expanded;
        $offset = $matters ? $mean - $known : 0.0;
        $sigma = sqrt($spread ** 2 * (1 + 1 / $n));
        $said = $unit === 'mm' ? Measure::fine(abs($mean - $known), $expanded) : sprintf('%.2f ± %.2f %s', abs($mean - $known), $expanded, $unit);
        $text = Sentence::together(
            $matters
                ? Sentence::of('instrument.offset', 'It reads {by} too {way}; that is taken off from now on.', by: $said, way: $offset > 0 ? 'much' : 'little')
                : Sentence::of('instrument.no-offset', 'No offset to be seen ({by}).', by: $said),
            Sentence::of('instrument.sigma', 'One reading is good to ± {good}.', good: $unit === 'mm' ? Measure::fine(1.96 * $sigma) : sprintf('%.2f %s', 1.96 * $sigma, $unit)),
        );

        return new self(offset: $offset, sigma: $sigma, offsetExpanded: $expanded, offsetMatters: $matters, readings: $n, text: $text);
    }
}
