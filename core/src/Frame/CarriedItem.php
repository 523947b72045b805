<?php

declare(strict_types=1);

namespace Geodex\Core\Frame;

/** Something that runs along the frame between two stations and changes length when a cut is made between them. */
final readonly class CarriedItem
{
    /**
     * @param  string  $feature  what a technician calls it, such as "rear brake line"
     * @param  float  $from  station of its front end (mm)
     * @param  float  $to  station of its rear end (mm)
     */
    public function __construct(public string $feature, public float $from, public float $to) {}
}
