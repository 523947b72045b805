<?php

declare(strict_types=1);

namespace App\Http\Props;

/** Where one point is to be after the plan; mm, null if it is cut out. */
final readonly class TargetProps
{
    /**
     * @param  'left'|'right'|'centre'  $side
     * @param  ?list<float>  $chart
     * @param  ?list<float>  $target
     */
    public function __construct(public string $id, public string $name, public string $side, public ?array $chart, public ?array $target) {}
}
