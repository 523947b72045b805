<?php

declare(strict_types=1);

namespace App\Report;

/** A hole pattern as large as life, in as many sheets as it takes, each with crosses to lay them together by and a length to measure first. */
final readonly class HoleTemplate
{
    /** What a sheet of A4 holds with its margins (mm). */
    private const WIDE = 176.0;

    private const HIGH = 200.0;

    private const ROOM = 12.0;

    private const CROSS = 6.0;

    /** Length that is measured on the print before anything is drilled (mm). */
    private const CHECK = 100.0;

    /**
     * @param  array<mixed>  $pattern  as its calculator gives it
     * @return list<array{svg: string, width: float, height: float, caption: string}>
     */
    public static function of(array $pattern): array
    {
        $holes = [];
        foreach (is_array($pattern['holes'] ?? null) ? $pattern['holes'] : [] as $hole) {
            if (is_array($hole) && is_string($hole['id'] ?? null) && is_numeric($hole['x'] ?? null) && is_numeric($hole['y'] ?? null) && is_numeric($hole['diameter'] ?? null)) {
                $holes[] = ['id' => $hole['id'], 'x' => (float) $hole['x'], 'y' => (float) $hole['y'], 'diameter' => (float) $hole['diameter']];
            }
        }
        if ($holes === []) {
            return [];
        }
        $radius = max(array_column($holes, 'diameter')) / 2;
        [$left, $low] = [min(array_column($holes, 'x')) - $radius - self::ROOM, min(array_column($holes, 'y')) - $radius - self::ROOM];
        [$across, $up] = [max(array_column($holes, 'x')) + $radius + self::ROOM - $left, max(array_column($holes, 'y')) + $radius + self::ROOM - $low];
        [$columns, $rows] = [max(1, (int) ceil($across / self::WIDE)), max(1, (int) ceil($up / self::HIGH))];
        $sheets = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $sheets[] = ['svg' => self::sheet($holes, $left + $column * self::WIDE, $low + ($rows - $row) * self::HIGH), 'width' => self::WIDE, 'height' => self::HIGH, 'caption' => sprintf('Sheet %d of %d%s', $row * $columns + $column + 1, $rows * $columns, $rows * $columns === 1 ? '' : ': lay the crosses at the corners onto those of the next')];
            }
        }

        return $sheets;
    }

    /** @param  list<array{id: string, x: float, y: float, diameter: float}>  $holes */
    private static function sheet(array $holes, float $left, float $top): string
    {
        $svg = '';
        $line = fn (float $x1, float $y1, float $x2, float $y2): string => sprintf('<line x1="%.3f" y1="%.3f" x2="%.3f" y2="%.3f" stroke="#000" stroke-width="0.2"/>', $x1, $y1, $x2, $y2);
        foreach ([[0.0, 0.0], [self::WIDE, 0.0], [0.0, self::HIGH], [self::WIDE, self::HIGH]] as [$x, $y]) {
            $svg .= $line($x - self::CROSS, $y, $x + self::CROSS, $y).$line($x, $y - self::CROSS, $x, $y + self::CROSS);
        }
        foreach ($holes as $hole) {
            [$x, $y, $r] = [$hole['x'] - $left, $top - $hole['y'], $hole['diameter'] / 2];
            if ($x < -$r || $y < -$r || $x > self::WIDE + $r || $y > self::HIGH + $r) {
                continue;
            }
            $svg .= sprintf('<circle cx="%.3f" cy="%.3f" r="%.3f" fill="none" stroke="#000" stroke-width="0.25"/>', $x, $y, $r).$line($x - $r - 3, $y, $x + $r + 3, $y).$line($x, $y - $r - 3, $x, $y + $r + 3)
                .sprintf('<text x="%.3f" y="%.3f" font-size="3.4">%s</text>', $x + $r + 1, $y - $r - 1, e($hole['id']));
        }
        $y = self::HIGH - 4.0;
        $svg .= $line(10.0, $y, 10.0 + self::CHECK, $y).$line(10.0, $y - 2, 10.0, $y + 2).$line(10.0 + self::CHECK, $y - 2, 10.0 + self::CHECK, $y + 2).sprintf('<text x="12" y="%.3f" font-size="3.2">measure this: %d mm</text>', $y - 1.2, (int) self::CHECK);

        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%1$.3fmm" height="%2$.3fmm" viewBox="0 0 %1$.3f %2$.3f" font-family="DejaVu Sans, sans-serif">%3$s</svg>', self::WIDE, self::HIGH, $svg);
    }
}
