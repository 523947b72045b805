<?php

declare(strict_types=1);

namespace Geodex\Core\Frame;

/** Something that runs along the frame between two stations and changes length when a cut is made between them. */
final readonly class CarriedItem
{
    /** Station of its front end (mm). */
    public float $from;

    /** Station of its rear end (mm). */
    public float $to;

    /**
     * @param  string  $feature  what a technician calls it, such as "rear brake line"
     * @param  float  $from  station of one end (mm)
     * @param  float  $to  station of the other; which is written first does not matter
     */
    public function __construct(public string $feature, float $from, float $to)
    {
        $this->from = min($from, $to);
        $this->to = max($from, $to);
    }
}
