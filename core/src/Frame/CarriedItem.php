<?php

declare(strict_types=1);

namespace Geodex\Core\Frame;

/** Something that runs along the frame, by the stations that it passes from one end to the other; what it does between them is straight. */
final readonly class CarriedItem
{
    /**
     * @param  string  $feature  what a technician calls it, such as “rear brake line”
     * @param  non-empty-list<float>  $path  stations (mm)
     * @param  bool  $endsGoRearward  where an end lies in a piece that is taken out: to its rear edge, not to its front edge
     */
    public function __construct(public string $feature, public array $path, public bool $endsGoRearward = false) {}

    /** Its foremost station (mm). */
    public function front(): float
    {
        return min($this->path);
    }

    /** Its rearmost station (mm). */
    public function rear(): float
    {
        return max($this->path);
    }
}
