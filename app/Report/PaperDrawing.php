<?php

declare(strict_types=1);

namespace App\Report;

/** Lines, circles and names in millimetres of the vehicle, drawn for paper; x to the right, y up. */
final class PaperDrawing
{
    /** @var list<array{list<array{float, float}>, string}> */
    private array $lines = [];

    /** @var list<array{float, float, float, string}> */
    private array $circles = [];

    /** @var list<array{float, float, string}> */
    private array $names = [];

    /** @param  non-empty-list<array{float, float}>  $points */
    public function line(array $points, string $style = 'stroke="#000" stroke-width="0.5"'): void
    {
        $this->lines[] = [$points, $style];
    }

    public function circle(float $x, float $y, float $radius, string $style = 'stroke="#000" stroke-width="0.35"'): void
    {
        $this->circles[] = [$x, $y, $radius, $style];
    }

    public function name(float $x, float $y, string $name): void
    {
        $this->names[] = [$x, $y, $name];
    }

    /**
     * Fitted into that much paper (mm), its names at one size whatever the scale; drawn as large as life where $scale is 1.
     *
     * @return array{svg: string, width: float, height: float} width and height of the picture on paper (mm)
     */
    public function fitted(float $wide, float $high, ?float $scale = null, float $margin = 8.0): array
    {
        [$xs, $ys] = [[], []];
        foreach ($this->lines as [$points]) {
            array_push($xs, ...array_column($points, 0));
            array_push($ys, ...array_column($points, 1));
        }
        foreach ($this->circles as [$x, $y, $radius]) {
            array_push($xs, $x - $radius, $x + $radius);
            array_push($ys, $y - $radius, $y + $radius);
        }
        foreach ($this->names as [$x, $y]) {
            [$xs[], $ys[]] = [$x, $y];
        }
        if ($xs === [] || $ys === []) {
            return ['svg' => '', 'width' => 0.0, 'height' => 0.0];
        }
        [$left, $top] = [min($xs), max($ys)];
        [$across, $up] = [max($xs) - $left, $top - min($ys)];
        $scale ??= min(($wide - 2 * $margin) / max(1e-6, $across), ($high - 2 * $margin) / max(1e-6, $up));
        $at = fn (float $x, float $y): array => [$margin + ($x - $left) * $scale, $margin + ($top - $y) * $scale];
        $svg = '';
        foreach ($this->lines as [$points, $style]) {
            $svg .= sprintf('<polyline points="%s" fill="none" %s/>', implode(' ', array_map(fn (array $p): string => vsprintf('%.3f,%.3f', $at($p[0], $p[1])), $points)), $style);
        }
        foreach ($this->circles as [$x, $y, $radius, $style]) {
            [$px, $py] = $at($x, $y);
            $svg .= sprintf('<circle cx="%.3f" cy="%.3f" r="%.3f" fill="none" %s/>', $px, $py, $radius * $scale, $style);
        }
        foreach ($this->names as [$x, $y, $name]) {
            [$px, $py] = $at($x, $y);
            $svg .= sprintf('<text x="%.3f" y="%.3f" font-size="3.2">%s</text>', $px + 1.2, $py - 1.2, e($name));
        }
        [$width, $height] = [$across * $scale + 2 * $margin, $up * $scale + 2 * $margin];

        return ['svg' => sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%1$.3fmm" height="%2$.3fmm" viewBox="0 0 %1$.3f %2$.3f" font-family="DejaVu Sans, sans-serif">%3$s</svg>', $width, $height, $svg), 'width' => $width, 'height' => $height];
    }
}
