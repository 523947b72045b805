<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Instrument;

use Geodex\Core\Failure\Refusal;

/** An instrument that cannot be what it is said to be, or cannot be checked with what was given. */
final class UnusableInstrument extends Refusal
{
    public static function notPositive(string $what, float $value): self
    {
        return new self('instrument.not-positive', sprintf('%s is %g; it has to be more than zero.', $what, $value), ['what' => $what]);
    }

    public static function tooFewReadings(int $count): self
    {
        return new self('instrument.too-few-readings', "A check takes at least three readings of the known length, better five or more; there are $count.", ['count' => $count]);
    }

    public static function farOff(float $mean, float $known): self
    {
        return new self('instrument.far-off', sprintf('The readings lie about %.0f mm from the known length; is %g mm right, and the unit?', $mean - $known, $known), ['mean' => $mean, 'known' => $known]);
    }

    public static function cannotRead(string $name, string $kind, string $reading): self
    {
        return new self('instrument.cannot-read', "“{$name}” is a $kind and takes no $reading; choose another instrument for it.", ['instrument' => $name, 'kind' => $reading]);
    }
}
