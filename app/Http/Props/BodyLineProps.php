<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Line;
use Geodex\Core\Chassis\RailPath;
use Geodex\Core\Frame\Side;

/** What runs along the frame, place by place: station, offset, height; mm. */
final readonly class BodyLineProps
{
    /** How far inside a rail a line is drawn (mm). */
    private const INSIDE_MM = 25.0;

    /** @param  list<list<float>>  $path */
    public function __construct(public string $id, public string $kind, public string $name, public array $path) {}

    public static function from(Line $line, Chassis $chassis, RailPath $path): self
    {
        return new self($line->id(), $line->kind->value, $line->name, array_map(function (array $one) use ($chassis, $path): array {
            [$station, $side] = $one;
            [, $tips, $top, $bottom] = BodyProps::edges($chassis->rail($side === Side::Centre ? Side::Left : $side, $station), $side, $station, $path);

            return [$station, $side === Side::Centre ? 0.0 : $tips + ($side === Side::Left ? self::INSIDE_MM : -self::INSIDE_MM), ($top + $bottom) / 2];
        }, $line->path));
    }
}
