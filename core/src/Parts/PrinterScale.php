<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

use Geodex\Core\Fields\InvalidFields;

/** How much larger a drawing is sent to a printer so that it comes out as large as life. */
final readonly class PrinterScale
{
    /** A printer that is further off has fitted the page to something. */
    private const MOST_OFF = 0.1;

    private function __construct(public float $across, public float $up, public bool $isMeasured) {}

    public static function unmeasured(): self
    {
        return new self(1.0, 1.0, false);
    }

    /**
     * True length over what was measured, for each direction.
     *
     * @param  float  $across  what the bar across measures on a sheet that was not corrected (mm)
     * @param  float  $up  what the bar up measures (mm)
     *
     * @throws InvalidFields if that is no print of these bars
     */
    public static function measured(float $across, float $trueAcross, float $up, float $trueUp): self
    {
        foreach (['across' => [$across, $trueAcross], 'up' => [$up, $trueUp]] as $bar => [$is, $true]) {
            if ($is <= 0.0 || abs($is / $true - 1.0) > self::MOST_OFF) {
                throw InvalidFields::at($bar, sprintf('the bar is %g mm long on paper that is to scale; %g is more than a tenth off. Print without fitting to the page.', $true, $is));
            }
        }

        return new self($trueAcross / $across, $trueUp / $up, true);
    }

    /** By how much a template of that length may still be off, where the bar was read to so much (mm). */
    public static function leaves(float $reading, float $bar, float $length): float
    {
        return $reading / $bar * $length;
    }
}
