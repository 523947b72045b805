<?php

declare(strict_types=1);

namespace App\Http\Props;

/** Something fastened to the frame: where it stood, where it will stand, and how a tape finds it on either side; mm. */
final readonly class MountProps
{
    /**
     * @param  ?float  $before  null where it is new
     * @param  list<SightProps>  $left
     * @param  list<SightProps>  $right
     */
    public function __construct(public string $id, public string $name, public string $side, public ?float $before, public float $after, public array $left, public array $right) {}
}
