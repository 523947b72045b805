<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

/** Twist, diamond and sag of the section that the base points span. */
final readonly class CentreSection
{
    /** A section shorter than this has no shape of its own; a chart with a lost column says such things. */
    private const SHORTEST_MM = 1.0;

    /** Points in plan are in one line where this little of their spread is left. */
    private const IN_LINE = 1e-9;

    /**
     * @param  list<Pair>  $pairs  of the centre, by station
     * @return list<array{Pattern, LinearAmount}>
     */
    public function amounts(array $pairs): array
    {
        if (count($pairs) < 2 || $pairs[count($pairs) - 1]->station - $pairs[0]->station < self::SHORTEST_MM) {
            return [];
        }
        $amounts = [[Pattern::Twist, $this->twist($pairs)]];
        $diamond = $this->diamond($pairs);
        if ($diamond !== null) {
            $amounts[] = [Pattern::Diamond, $diamond];
        }
        if (count($pairs) >= 3) {
            $amounts[] = [Pattern::Sag, $this->sag($pairs)];
        }

        return $amounts;
    }

    /**
     * Least-squares slope of the roll over station, times length and mean width.
     *
     * @param  non-empty-list<Pair>  $pairs
     */
    private function twist(array $pairs): LinearAmount
    {
        $mean = array_sum(array_map(fn (Pair $pair): float => $pair->station, $pairs)) / count($pairs);
        $spread = array_sum(array_map(fn (Pair $pair): float => ($pair->station - $mean) ** 2, $pairs));
        $slope = new LinearAmount;
        foreach ($pairs as $pair) {
            $slope = $slope->plus($pair->roll(), ($pair->station - $mean) / $spread);
        }

        return $slope->times(($pairs[count($pairs) - 1]->station - $pairs[0]->station) * $this->meanWidth($pairs));
    }

    /**
     * Shear of the best affine fit of dx and dy over the plan, ∂dx/∂y + ∂dy/∂x, times the mean width.
     *
     * @param  non-empty-list<Pair>  $pairs
     * @return ?LinearAmount null where all points stand in one line
     */
    private function diamond(array $pairs): ?LinearAmount
    {
        $places = [];
        foreach ($pairs as $pair) {
            $places[] = [$pair->leftChart, $pair->leftOff, $pair->leftColumn];
            $places[] = [$pair->rightChart, $pair->rightOff, $pair->rightColumn];
        }
        $n = count($places);
        $mx = array_sum(array_map(fn (array $p): float => $p[0]->x, $places)) / $n;
        $my = array_sum(array_map(fn (array $p): float => $p[0]->y, $places)) / $n;
        $xx = $yy = $xy = 0.0;
        foreach ($places as [$chart]) {
            $xx += ($chart->x - $mx) ** 2;
            $yy += ($chart->y - $my) ** 2;
            $xy += ($chart->x - $mx) * ($chart->y - $my);
        }
        $det = $xx * $yy - $xy * $xy;
        if ($det <= self::IN_LINE * $xx * $yy) {
            return null;
        }
        $shear = new LinearAmount;
        foreach ($places as [$chart, $off, $column]) {
            [$x, $y] = [$chart->x - $mx, $chart->y - $my];
            $shear = $shear->with($column, $off->x, ($xx * $y - $xy * $x) / $det)
                ->with($column + 1, $off->y, ($yy * $x - $xy * $y) / $det);
        }

        return $shear->times($this->meanWidth($pairs));
    }

    /**
     * The inner pair nearest the middle, against the straight line between the end pairs.
     *
     * @param  non-empty-list<Pair>  $pairs
     */
    private function sag(array $pairs): LinearAmount
    {
        $first = $pairs[0];
        $last = $pairs[count($pairs) - 1];
        $middle = ($first->station + $last->station) / 2;
        $inner = array_slice($pairs, 1, -1);
        usort($inner, fn (Pair $a, Pair $b): int => abs($a->station - $middle) <=> abs($b->station - $middle));
        $share = ($inner[0]->station - $first->station) / ($last->station - $first->station);

        return $inner[0]->mean(2)->plus($first->mean(2), $share - 1)->plus($last->mean(2), -$share);
    }

    /** @param  non-empty-list<Pair>  $pairs */
    private function meanWidth(array $pairs): float
    {
        return array_sum(array_map(fn (Pair $pair): float => $pair->width, $pairs)) / count($pairs);
    }
}
