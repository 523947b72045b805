<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** Slots on the lines where a plate has to bend to follow a rail: round at both ends, with a bridge left at each edge, welded shut afterwards. */
final readonly class ReliefSlots
{
    /** @param  list<array{from: array{float, float}, to: array{float, float}, length: float, width: float, momentShare: float}>  $slots */
    private function __construct(public array $slots) {}

    /**
     * @param  list<Values>  $lines
     * @param  list<Contour>  $windows
     *
     * @throws InvalidFields
     */
    public static function along(array $lines, Contour $plate, array $windows, float $bridge, float $width): self
    {
        $slots = [];
        foreach ($lines as $i => $line) {
            [$from, $to] = self::edgeToEdge($line, $plate, "bendLines[$i]");
            $whole = hypot($to[0] - $from[0], $to[1] - $from[1]);
            $length = $whole - 2 * $bridge;
            if ($length <= $width + 1e-9) {
                throw InvalidFields::at("bendLines[$i]", 'leaves no slot longer than it is wide between its bridges.');
            }
            [$dx, $dy] = [($to[0] - $from[0]) / $whole, ($to[1] - $from[1]) / $whole];
            $slot = ['from' => [$from[0] + $bridge * $dx, $from[1] + $bridge * $dy], 'to' => [$to[0] - $bridge * $dx, $to[1] - $bridge * $dy], 'length' => $length, 'width' => $width, 'momentShare' => 2 * $bridge / $whole];
            foreach ($windows as $k => $window) {
                $middle = Edge::between([$slot['from'][0] + $width / 2 * $dx, $slot['from'][1] + $width / 2 * $dy], [$slot['to'][0] - $width / 2 * $dx, $slot['to'][1] - $width / 2 * $dy]);
                if ($window->gap(Contour::ofLoops([[$middle]])) < $width / 2) {
                    throw InvalidFields::at("bendLines[$i]", "its slot runs into windows[$k].");
                }
            }
            $slots[] = $slot;
        }

        return new self($slots);
    }

    public function area(): float
    {
        return array_sum(array_map(self::areaOf(...), $this->slots));
    }

    /** @return array{float, float} first moments about x = 0 and y = 0, mm³ */
    public function moments(): array
    {
        $sum = fn (int $axis): float => array_sum(array_map(fn (array $slot): float => self::areaOf($slot) * ($slot['from'][$axis] + $slot['to'][$axis]) / 2, $this->slots));

        return [$sum(0), $sum(1)];
    }

    /** @param  array{length: float, width: float}  $slot */
    private static function areaOf(array $slot): float
    {
        return ($slot['length'] - $slot['width']) * $slot['width'] + M_PI * $slot['width'] ** 2 / 4;
    }

    /** @return array{array{float, float}, array{float, float}} */
    private static function edgeToEdge(Values $line, Contour $plate, string $path): array
    {
        [$from, $to] = [$line->numbers('from'), $line->numbers('to')];
        if (hypot($to[0] - $from[0], $to[1] - $from[1]) < 1e-6) {
            throw InvalidFields::at("$path.to", 'is where the line starts.');
        }
        $edge = Edge::between([$from[0], $from[1]], [$to[0], $to[1]]);
        $shares = [];
        foreach ($plate->edges() as $side) {
            foreach (Crossings::of($edge, $side) as $point) {
                $shares[] = $edge->shareOf($point);
            }
        }
        sort($shares);
        $met = array_values(array_filter($shares, fn (float $share, int $i): bool => $i === 0 || ($share - $shares[$i - 1]) * $edge->length() > 1e-5, ARRAY_FILTER_USE_BOTH));
        $isOut = fn (float $share): bool => $share < 0.0 || $share > 1.0 || $plate->winding($edge->at($share)) === 0 || $plate->distance($edge->at($share)) < 1e-6;
        if (count($met) !== 2 || ! $isOut(0.0) || ! $isOut(1.0) || $isOut(($met[0] + $met[1]) / 2)) {
            throw InvalidFields::at($path, 'has to cross the plate exactly once, from edge to edge.');
        }

        return [$edge->at($met[0]), $edge->at($met[1])];
    }
}
