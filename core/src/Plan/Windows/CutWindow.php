<?php

declare(strict_types=1);

namespace Geodex\Core\Plan\Windows;

use Geodex\Core\Words\Sentence;

/** A stretch of both rails in which no rule is broken, and the best place in it. */
final readonly class CutWindow
{
    /**
     * @param  float  $from  mm
     * @param  float  $to  mm
     * @param  float  $best  station (mm)
     * @param  ?float  $stress  in the weaker rail there, with the dynamic factor (MPa)
     * @param  ?float  $share  of the greatest stress along the frame
     */
    public function __construct(public float $from, public float $to, public float $best, public ?float $stress, public ?float $share, public bool $inLongestBay, public bool $isBetweenAxles, public Sentence $text) {}
}
