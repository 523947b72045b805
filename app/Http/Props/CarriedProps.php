<?php

declare(strict_types=1);

namespace App\Http\Props;

/**
 * Something that runs along the frame, how its length changes (mm, zero where it does not), which of its ends is cut out, and the voltage
 * that a longer wire loses (V; null where its current is not given), and whether it was seen to.
 */
final readonly class CarriedProps
{
    public function __construct(public string $feature, public string $advice, public bool $outBeforeHeat, public float $from, public float $to, public float $change, public ?string $end, public ?float $loss, public ?float $current, public ?float $copper, public bool $isTicked = false) {}
}
