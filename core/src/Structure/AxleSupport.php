<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** An axle under a frame, and the hangers that its spring passes the load to; stations in mm. */
final readonly class AxleSupport
{
    /** @param  ?array{float, float}  $hangers  one before and one behind the axle; null where it carries the frame itself */
    public function __construct(public string $id, public float $station, public ?array $hangers) {}

    /** @return list<array{float, float}> where it carries, and which share there */
    public function shares(): array
    {
        if ($this->hangers === null) {
            return [[$this->station, 1.0]];
        }
        [$before, $behind] = $this->hangers;

        return [[$before, ($behind - $this->station) / ($behind - $before)], [$behind, ($this->station - $before) / ($behind - $before)]];
    }
}
