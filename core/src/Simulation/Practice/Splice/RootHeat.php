<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation\Practice\Splice;

use Geodex\Core\Calculators\RunSheet\HotStrip;
use Geodex\Core\Calculators\RunSheet\WeldPiece;

/** How warm the rails of an exercise are where the root is welded, piece after piece on a clock. */
final class RootHeat
{
    public const LIMIT = 100.0;

    private const AMBIENT = 20.0;

    private const DEPTH = 0.2;

    private const FLANGE = 0.07;

    private const WALL = 0.006;

    /** J/m³K */
    private const CAPACITY = 7850.0 * 490.0;

    private const CONDUCTIVITY = 45.0;

    /** Loss of a face, W/m²K. */
    private const FILM = 20.0;

    /** @var array{left: list<array{time: float, heat: float, from: array{float, float}, to: array{float, float}}>, right: list<array{time: float, heat: float, from: array{float, float}, to: array{float, float}}>} */
    private array $runs = ['left' => [], 'right' => []];

    /** @param  float  $apart  between the webs, mm */
    public function __construct(private readonly float $apart) {}

    /** °C where a piece lies, at a time (s). */
    public function at(WeldPiece $piece, float $time): float
    {
        $runs = $this->runs[$this->side($piece)];
        if ($runs === []) {
            return self::AMBIENT;
        }
        $sheet = self::CAPACITY * self::WALL;
        [$x, $y] = $this->place($piece->middle->y, $piece->middle->z);

        return self::AMBIENT + (new HotStrip($sheet, self::CONDUCTIVITY / self::CAPACITY, $sheet / (2 * self::FILM), self::DEPTH + 2 * self::FLANGE, $runs))->rise(1000 * $x, 1000 * $y, $time);
    }

    public function weld(WeldPiece $piece, float $time): void
    {
        $this->runs[$this->side($piece)][] = ['time' => $time, 'heat' => 1000 * $piece->heat, 'from' => $this->place($piece->from->y, $piece->from->z), 'to' => $this->place($piece->to->y, $piece->to->z)];
    }

    /** @return 'left'|'right' */
    private function side(WeldPiece $piece): string
    {
        return $piece->middle->y < 0.0 ? 'left' : 'right';
    }

    /**
     * On the rail unfolded: lower flange, web, upper flange.
     *
     * @return array{float, float} m
     */
    private function place(float $y, float $z): array
    {
        $out = max(0.0, $this->apart / 2 - abs($y)) / 1000;

        return [0.0, max(0.0, min(self::DEPTH + 2 * self::FLANGE, self::FLANGE + self::DEPTH / 2 + $z / 1000 + ($z >= 0.0 ? $out : -$out)))];
    }
}
