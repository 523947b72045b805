<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Chassis\Rail;
use Geodex\Core\Chassis\RailPath;
use Geodex\Core\Frame\Side;

/** A run of rail on one side, knot by knot: station, back, tips, top, bottom; mm. */
final readonly class BodyRailProps
{
    /**
     * @param  'left'|'right'|'centre'  $side
     * @param  list<list<float>>  $knots
     */
    public function __construct(public string $id, public string $side, public array $knots, public bool $isBoxed) {}

    public static function from(Rail $rail, Side $side, RailPath $path): self
    {
        $stations = array_values(array_unique([$rail->from, ...array_filter($path->knots($side), $rail->isAt(...)), $rail->to]));
        sort($stations);

        return new self($rail->id(), $side->value, array_map(fn (float $x): array => [$x, ...BodyProps::edges($rail, $side, $x, $path)], $stations), $rail->plate !== null || ! $rail->isChannel());
    }
}
