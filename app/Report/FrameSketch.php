<?php

declare(strict_types=1);

namespace App\Report;

use App\Http\Props\PlanProps;
use App\Http\Props\PointProps;
use App\Http\Props\SurveyProps;

/** Plan and side view for paper: chart in grey, frame in black, deviations enlarged, planned cuts dashed. */
final readonly class FrameSketch
{
    private const WIDTH = 1000;

    private const ENLARGED = 20;

    private const MARKS = ['in' => '○', 'out' => '■', 'unsure' => '◌', 'unmeasured' => '×'];

    public function svg(SurveyProps $survey, PlanProps $plan): string
    {
        $points = array_values(array_filter($survey->points, fn (PointProps $point): bool => $point->chart !== null));
        if ($points === []) {
            return '';
        }
        $stations = array_map(fn (PointProps $point): float => $point->chart[0] ?? 0.0, $points);
        $scale = (self::WIDTH - 80) / max(1.0, max($stations) - min($stations));
        $x = fn (float $mm): float => 40 + ($mm - min($stations)) * $scale;
        $heights = array_map(fn (PointProps $point): float => $point->chart[2] ?? 0.0, $points);
        $half = max(array_map(fn (PointProps $point): float => abs($point->chart[1] ?? 0.0), $points)) * $scale;
        $tall = (max($heights) - min($heights)) * $scale;
        $middle = 50 + $half;
        $base = $middle + $half + 110 + $tall;
        $views = [
            $this->view($points, $x, fn (array $p): float => $middle - $p[1] * $scale, 1),
            $this->view($points, $x, fn (array $p): float => $base - ($p[2] - min($heights)) * $scale, 2),
        ];
        $cuts = implode('', array_map(fn ($cut): string => sprintf('<line x1="%1$.1f" x2="%1$.1f" y1="20" y2="%2$.1f" stroke="#000" stroke-dasharray="6 4"/><text x="%3$.1f" y="16" font-size="13">%4$s</text>', $x($cut->cut), $base + 10, $x($cut->cut) - 12, e($cut->operation)), $plan->cuts));

        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%1$d" height="%2$.0f" viewBox="0 0 %1$d %2$.0f" font-family="DejaVu Sans, sans-serif">%3$s%4$s</svg>', self::WIDTH, $base + 40, implode('', $views), $cuts);
    }

    /**
     * @param  list<PointProps>  $points
     * @param  callable(float): float  $x
     * @param  callable(list<float>): float  $y
     * @param  1|2  $axis  the one that the view shows across
     */
    private function view(array $points, callable $x, callable $y, int $axis): string
    {
        $svg = '';
        foreach (['left', 'right'] as $side) {
            $rail = array_values(array_filter($points, fn (PointProps $point): bool => $point->side === $side));
            usort($rail, fn (PointProps $a, PointProps $b): int => ($a->chart[0] ?? 0.0) <=> ($b->chart[0] ?? 0.0));
            $chart = implode(' ', array_map(fn (PointProps $p): string => sprintf('%.1f,%.1f', $x($p->chart[0] ?? 0.0), $y($p->chart ?? [0.0, 0.0, 0.0])), $rail));
            $is = implode(' ', array_map(fn (PointProps $p): string => $this->enlarged($p, $x, $y), array_filter($rail, fn (PointProps $p): bool => $p->deviation !== null)));
            $dash = $axis === 2 && $side === 'right' ? ' stroke-dasharray="7 4"' : '';
            $svg .= "<polyline points=\"$chart\" fill=\"none\" stroke=\"#999\" stroke-width=\"1\"/><polyline points=\"$is\" fill=\"none\" stroke=\"#000\" stroke-width=\"1.6\"$dash/>";
        }
        foreach ($points as $point) {
            [$px, $py] = array_map(floatval(...), explode(',', $this->enlarged($point, $x, $y)));
            $svg .= sprintf('<text x="%.1f" y="%.1f" font-size="13" text-anchor="middle">%s</text>', $px, $py + 4.5, self::MARKS[$point->verdict]);
            if ($axis === 1) {
                $svg .= sprintf('<text x="%.1f" y="%.1f" font-size="11" text-anchor="middle">%s</text>', $px, $py + ($point->side === 'left' ? 20 : -10), e($point->id));
            }
        }

        return $svg;
    }

    /**
     * @param  callable(float): float  $x
     * @param  callable(list<float>): float  $y
     */
    private function enlarged(PointProps $point, callable $x, callable $y): string
    {
        $at = $point->chart ?? [0.0, 0.0, 0.0];
        foreach ($point->deviation ?? [] as $axis => $mm) {
            $at[$axis] += self::ENLARGED * $mm;
        }

        return sprintf('%.1f,%.1f', $x($at[0]), $y([$at[0], $at[1], $at[2]]));
    }
}
