<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Geometry\Vector3;

/**
 * Orders readings by the walk round the frame: the nearest next, then any two legs that cross are untangled as long as that
 * shortens the way (2-opt; Croes, Operations Research 6, 1958). Nobody walks through the frame, so from one side to the other
 * the way leads round an end.
 */
final readonly class MeasuringTour
{
    /** One stands this far outside the rail (mm). */
    private const OUTSIDE_MM = 400.0;

    /**
     * @param  list<NextReading>  $readings
     * @param  array<string, Vector3>  $at  positions (mm)
     * @return array{list<NextReading>, float} in walking order, and the way in metres
     */
    public function order(array $readings, array $at): array
    {
        if ($readings === [] || $at === []) {
            return [$readings, 0.0];
        }
        $stands = array_map(fn (NextReading $next): array => $this->stand($next, $at), $readings);
        $xs = array_map(fn (Vector3 $place): float => $place->x, array_values($at));
        $ends = [min($xs) - self::OUTSIDE_MM, max($xs) + self::OUTSIDE_MM];
        $widths = array_map(fn (Vector3 $place): float => abs($place->y), array_values($at));
        $across = 2 * (max($widths) + self::OUTSIDE_MM);
        $way = fn (int $i, int $j): float => $this->way($stands[$i], $stands[$j], $ends, $across);
        $order = $this->untangled($this->nearestFirst(count($readings), $stands, $way), $way);
        $metres = 0.0;
        for ($i = 1; $i < count($order); $i++) {
            $metres += $way($order[$i - 1], $order[$i]) / 1000;
        }

        return [array_map(fn (int $i): NextReading => $readings[$i], $order), $metres];
    }

    /**
     * @param  array<string, Vector3>  $at
     * @return array{float, int} station, and the side one stands on: −1 left, +1 right
     */
    private function stand(NextReading $next, array $at): array
    {
        $places = array_values(array_intersect_key($at, array_flip($next->points)));
        $x = $y = 0.0;
        foreach ($places as $place) {
            $x += $place->x / count($places);
            $y += $place->y;
        }

        return [$x, $y > 0 ? 1 : -1];
    }

    /**
     * @param  array{float, int}  $from
     * @param  array{float, int}  $to
     * @param  array{float, float}  $ends
     */
    private function way(array $from, array $to, array $ends, float $across): float
    {
        if ($from[1] === $to[1]) {
            return abs($from[0] - $to[0]);
        }

        return $across + min($from[0] + $to[0] - 2 * $ends[0], 2 * $ends[1] - $from[0] - $to[0]);
    }

    /**
     * @param  list<array{float, int}>  $stands
     * @param  callable(int, int): float  $way
     * @return list<int> starting at the front left
     */
    private function nearestFirst(int $count, array $stands, callable $way): array
    {
        $left = range(0, $count - 1);
        usort($left, fn (int $i, int $j): int => [$stands[$i][1], $stands[$i][0]] <=> [$stands[$j][1], $stands[$j][0]]);
        $order = [array_shift($left)];
        while ($left !== []) {
            $here = $order[count($order) - 1];
            usort($left, fn (int $i, int $j): int => $way($here, $i) <=> $way($here, $j));
            $order[] = array_shift($left);
        }

        return $order;
    }

    /**
     * @param  list<int>  $order
     * @param  callable(int, int): float  $way
     * @return list<int>
     */
    private function untangled(array $order, callable $way): array
    {
        $n = count($order);
        do {
            $shorter = false;
            for ($i = 0; $i < $n - 1; $i++) {
                for ($j = $i + 1; $j < $n; $j++) {
                    $before = ($i > 0 ? $way($order[$i - 1], $order[$i]) : 0.0) + ($j < $n - 1 ? $way($order[$j], $order[$j + 1]) : 0.0);
                    $after = ($i > 0 ? $way($order[$i - 1], $order[$j]) : 0.0) + ($j < $n - 1 ? $way($order[$i], $order[$j + 1]) : 0.0);
                    if ($after < $before - 1e-6) {
                        array_splice($order, $i, $j - $i + 1, array_reverse(array_slice($order, $i, $j - $i + 1)));
                        $shorter = true;
                    }
                }
            }
        } while ($shorter);

        return $order;
    }
}
