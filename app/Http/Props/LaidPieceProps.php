<?php

declare(strict_types=1);

namespace App\Http\Props;

/** One plate as it lies on a sheet; mm. */
final readonly class LaidPieceProps
{
    /**
     * @param  list<list<float>>  $corners
     * @param  list<float>  $at
     * @param  ?string  $fault  what is wrong with where it lies
     */
    public function __construct(public string $key, public string $title, public array $corners, public array $at, public float $rotation, public bool $isByHand, public ?string $fault) {}
}
