<?php

declare(strict_types=1);

namespace App\Report;

/** The drawings that a sheet of the running gear has on paper: what a person stands in front of with it in hand. */
final readonly class GearDrawings
{
    private const WIDE = 178.0;

    private const HIGH = 80.0;

    private const THIN = 'stroke="#777" stroke-width="0.25" stroke-dasharray="2 1.4"';

    private const AXIS = 'stroke="#777" stroke-width="0.25"';

    /**
     * @param  array<mixed>  $values
     * @param  array<mixed>  $result
     * @param  \Closure(?float): string  $length  in the unit of the job
     * @return list<array{svg: string, width: float, height: float, caption: string}>
     */
    public static function of(string $tool, array $values, array $result, \Closure $length): array
    {
        return array_values(array_filter(match ($tool) {
            'linkage' => [self::links($values, 0, 2, 'From the side, front to the left'), self::links($values, 0, 1, 'From above, front to the left, left side up')],
            'measured-shaft' => [self::joints(array_map(fn (array $one): array => [self::at($one, 'rearward'), self::at($one, 'up')], self::list($result, 'places')), 'Joints from the side')],
            'train' => [self::joints(array_values(array_filter(array_map(fn (array $one): ?array => is_array($one['position'] ?? null) ? [self::at($one['position'], 0), self::at($one['position'], 2)] : null, self::list($values, 'joints')))), 'Joints from the side')],
            'run-out' => array_map(fn (array $one): array => self::dial($one, $length), self::list($result, 'stations')),
            'clearance' => [self::parts($values, $result)],
            'rack' => [self::rod($values)],
            'hole-pattern' => [self::holes($result)],
            default => [],
        }, fn (array $one): bool => $one['svg'] !== ''));
    }

    /**
     * @param  array<mixed>  $values
     * @return array{svg: string, width: float, height: float, caption: string}
     */
    private static function links(array $values, int $across, int $up, string $caption): array
    {
        $drawing = new PaperDrawing;
        $way = $up === 1 ? -1.0 : 1.0;
        foreach (self::list($values, 'links') as $i => $link) {
            [$from, $to] = [self::record($link, 'frame'), self::record($link, 'axle')];
            $drawing->line([[self::at($from, $across), $way * self::at($from, $up)], [self::at($to, $across), $way * self::at($to, $up)]]);
            $drawing->circle(self::at($from, $across), $way * self::at($from, $up), 9.0);
            $drawing->circle(self::at($to, $across), $way * self::at($to, $up), 9.0);
            $drawing->name((self::at($from, $across) + self::at($to, $across)) / 2, $way * (self::at($from, $up) + self::at($to, $up)) / 2, is_string($link['id'] ?? null) ? $link['id'] : 'link'.($i + 1));
        }
        foreach (['left', 'right'] as $side) {
            $wheel = self::record(self::record($values, 'wheels'), $side);
            if ($wheel !== []) {
                $drawing->circle(self::at($wheel, $across), $way * self::at($wheel, $up), $up === 2 ? self::at($wheel, 2) : 20.0, self::THIN);
            }
        }
        $shaft = self::record($values, 'driveline');
        if ($shaft !== []) {
            [$from, $to] = [self::record($shaft, 'frontJoint'), self::record($shaft, 'pinionJoint')];
            $drawing->line([[self::at($from, $across), $way * self::at($from, $up)], [self::at($to, $across), $way * self::at($to, $up)]], self::THIN);
        }

        return [...$drawing->fitted(self::WIDE, self::HIGH), 'caption' => $caption];
    }

    /**
     * @param  array<mixed>  $joints
     * @return array{svg: string, width: float, height: float, caption: string}
     */
    private static function joints(array $joints, string $caption): array
    {
        $drawing = new PaperDrawing;
        $points = [];
        foreach (array_values($joints) as $i => $joint) {
            $points[] = [$x, $z] = [self::at(is_array($joint) ? $joint : [], 0), self::at(is_array($joint) ? $joint : [], 1)];
            $drawing->circle($x, $z, 12.0);
            $drawing->name($x, $z, 'joint '.($i + 1));
        }
        if ($points !== []) {
            $drawing->line($points);
        }

        return [...$drawing->fitted(self::WIDE, 45.0), 'caption' => $caption];
    }

    /**
     * @param  array<mixed>  $station
     * @param  \Closure(?float): string  $length
     * @return array{svg: string, width: float, height: float, caption: string}
     */
    private static function dial(array $station, \Closure $length): array
    {
        $drawing = new PaperDrawing;
        $readings = array_map(fn (array $one): float => self::at($one, 'value'), self::list($station, 'readings'));
        $size = max([0.05, ...array_map(abs(...), $readings)]);
        // The circle stands for a shaft that is straight and round; what stands out of it is enlarged to half its radius.
        $drawing->circle(0.0, 0.0, 2 * $size, self::AXIS);
        $drawing->line([[-3.2 * $size, 0.0], [3.2 * $size, 0.0]], self::AXIS);
        $drawing->line([[0.0, -3.2 * $size], [0.0, 3.2 * $size]], self::AXIS);
        $drawing->name(0.0, 3.2 * $size, '0°');
        $drawing->name(3.0 * $size, 0.0, '90°');
        foreach (self::list($station, 'readings') as $one) {
            [$r, $turn] = [2 * $size + self::at($one, 'value'), deg2rad(self::at($one, 'angle'))];
            $drawing->circle($r * sin($turn), $r * cos($turn), $size / 20);
        }
        $trace = array_map(fn (array $one): array => [(2 * $size + self::at($one, 'value')) * sin(deg2rad(self::at($one, 'angle'))), (2 * $size + self::at($one, 'value')) * cos(deg2rad(self::at($one, 'angle')))], self::list($station, 'traced'));
        if ($trace !== []) {
            $drawing->line([...$trace, $trace[0]]);
        }

        return [...$drawing->fitted(self::WIDE, 62.0), 'caption' => 'Station at '.$length(self::at($station, 'x')).', dots are readings'];
    }

    /**
     * @param  array<mixed>  $values
     * @param  array<mixed>  $result
     * @return array{svg: string, width: float, height: float, caption: string}
     */
    private static function parts(array $values, array $result): array
    {
        $drawing = new PaperDrawing;
        foreach (self::list($values, 'fixed') as $i => $part) {
            [$low, $high] = [self::record($part, 'lowest'), self::record($part, 'highest')];
            [$from, $to] = [self::record($part, 'from'), self::record($part, 'to')];
            if ($low !== []) {
                [$x0, $z0, $x1, $z1] = [self::at($low, 0), self::at($low, 2), self::at($high, 0), self::at($high, 2)];
                $drawing->line([[$x0, $z0], [$x1, $z0], [$x1, $z1], [$x0, $z1], [$x0, $z0]]);
            } elseif ($from !== []) {
                $to = $to === [] ? $from : $to;
                $drawing->line([[self::at($from, 0), self::at($from, 2)], [self::at($to, 0), self::at($to, 2)]]);
                $drawing->circle(self::at($from, 0), self::at($from, 2), self::at($part, 'radius'));
            }
            $place = $low === [] ? $from : $low;
            $drawing->name(self::at($place, 0), self::at($place, 2), is_string($part['id'] ?? null) ? $part['id'] : 'f'.($i + 1));
        }
        foreach (self::list($values, 'moving') as $part) {
            foreach (self::list($part, 'positions') as $position) {
                [$from, $to] = [self::record($position, 'from'), self::record($position, 'to')];
                $to = $to === [] ? $from : $to;
                $drawing->line([[self::at($from, 0), self::at($from, 2)], [self::at($to, 0), self::at($to, 2)]], self::THIN);
            }
        }
        foreach (self::list($result, 'pairs') as $pair) {
            $points = array_values(array_filter(self::record($pair, 'points'), is_array(...)));
            if (count($points) === 2) {
                $drawing->line([[self::at($points[0], 0), self::at($points[0], 2)], [self::at($points[1], 0), self::at($points[1], 2)]], 'stroke="#000" stroke-width="0.8"');
            }
        }

        return [...$drawing->fitted(self::WIDE, self::HIGH), 'caption' => 'From the side; thick: where the gap is least'];
    }

    /**
     * @param  array<mixed>  $result
     * @return array{svg: string, width: float, height: float, caption: string}
     */
    private static function holes(array $result): array
    {
        $drawing = new PaperDrawing;
        foreach (self::list($result, 'holes') as $hole) {
            [$x, $y, $r] = [self::at($hole, 'x'), self::at($hole, 'y'), self::at($hole, 'diameter') / 2];
            $drawing->circle($x, $y, $r);
            $drawing->line([[$x - 1.6 * $r, $y], [$x + 1.6 * $r, $y]], self::AXIS);
            $drawing->line([[$x, $y - 1.6 * $r], [$x, $y + 1.6 * $r]], self::AXIS);
            $drawing->name($x + $r, $y + $r, is_string($hole['id'] ?? null) ? $hole['id'] : '');
        }

        return [...$drawing->fitted(self::WIDE, 60.0), 'caption' => 'Holes, not to scale: the template at full size is on paper'];
    }

    /**
     * @param  array<mixed>  $values
     * @return array{svg: string, width: float, height: float, caption: string}
     */
    private static function rod(array $values): array
    {
        $drawing = new PaperDrawing;
        foreach ([['inner', 'outer'], ['lower', 'upper']] as [$one, $other]) {
            [$from, $to] = [self::record($values, $one), self::record($values, $other)];
            if ($from !== [] && $to !== []) {
                $drawing->line([[self::at($from, 1), self::at($from, 2)], [self::at($to, 1), self::at($to, 2)]]);
                $drawing->name(self::at($from, 1), self::at($from, 2), $one);
                $drawing->name(self::at($to, 1), self::at($to, 2), $other);
            }
        }

        return [...$drawing->fitted(self::WIDE, 60.0), 'caption' => 'Tie rod and pivots from behind, right side'];
    }

    /**
     * @param  array<mixed>  $of
     * @return list<array<mixed>>
     */
    private static function list(array $of, string $name): array
    {
        return array_values(array_filter(self::record($of, $name), is_array(...)));
    }

    /**
     * @param  array<mixed>  $of
     * @return array<mixed>
     */
    private static function record(array $of, string $name): array
    {
        return is_array($of[$name] ?? null) ? $of[$name] : [];
    }

    /** @param  array<mixed>  $place */
    private static function at(array $place, int|string $key): float
    {
        return is_numeric($place[$key] ?? null) ? (float) $place[$key] : 0.0;
    }
}
