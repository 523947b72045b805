<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

/**
 * Whether all bolts of a pattern enter: a shift and a small turn are found by least squares, and what is left at each hole has to stay within its play.
 * The product of their chances is a true lower bound (Gaussian correlation inequality); no turn changes the distance of two holes, which gives an upper one.
 */
final readonly class BoltFit
{
    private const INTERVALS = 100;

    private const SIGMAS = 8.5;

    /** @param  list<array{probability: float, residualSigma: array{float, float}, residual: array{float, float}}>  $holes */
    private function __construct(public array $holes, public float $lower) {}

    /** @param  list<BoltHole>  $pattern */
    public static function of(array $pattern): self
    {
        $holes = [];
        foreach (self::residuals($pattern) as $i => $left) {
            $holes[] = self::hole($pattern[$i]->play, $left['covariance'], $left['mean']);
        }
        $chances = array_column($holes, 'probability');
        $isKnown = array_filter($holes, fn (array $hole): bool => hypot(...$hole['residual']) > 1e-9) !== [];

        return new self($holes, match (true) {
            count($pattern) <= 2 => self::atMost($pattern),
            $isKnown => max(0.0, 1.0 - array_sum(array_map(fn (float $chance): float => 1.0 - $chance, $chances))),
            default => array_product($chances),
        });
    }

    /** @param  list<BoltHole>  $pattern */
    public static function atMost(array $pattern): float
    {
        $least = 1.0;
        foreach ($pattern as $i => $a) {
            foreach (array_slice($pattern, $i + 1) as $b) {
                $least = min($least, self::pair($a, $b));
            }
        }

        return $least;
    }

    /**
     * Mean and covariance of what the best shift and turn leave at each hole: the rows of I − A(AᵀA)⁻¹Aᵀ about the middle of the pattern.
     *
     * @param  list<BoltHole>  $pattern
     * @return list<array{mean: array{float, float}, covariance: array{float, float, float}}>
     */
    private static function residuals(array $pattern): array
    {
        $many = count($pattern);
        $middle = fn (int $axis): float => array_sum(array_map(fn (BoltHole $hole): float => $hole->at[$axis], $pattern)) / $many;
        [$mx, $my] = [$middle(0), $middle(1)];
        $arms = array_map(fn (BoltHole $hole): array => [$hole->at[0] - $mx, $hole->at[1] - $my], $pattern);
        $inertia = array_sum(array_map(fn (array $arm): float => $arm[0] ** 2 + $arm[1] ** 2, $arms));
        $left = [];
        foreach ($arms as $i => [$x, $y]) {
            [$mean, $xx, $xy, $yy] = [[0.0, 0.0], 0.0, 0.0, 0.0];
            foreach ($arms as $k => [$u, $v]) {
                // Rows x and y of hole i, columns x and y of hole k.
                $same = ($i === $k ? 1.0 : 0.0) - 1.0 / $many;
                $p = [[$same - $y * $v / $inertia, $y * $u / $inertia], [$x * $v / $inertia, $same - $x * $u / $inertia]];
                $variance = $pattern[$k]->sigma ** 2;
                $xx += $variance * ($p[0][0] ** 2 + $p[0][1] ** 2);
                $xy += $variance * ($p[0][0] * $p[1][0] + $p[0][1] * $p[1][1]);
                $yy += $variance * ($p[1][0] ** 2 + $p[1][1] ** 2);
                [$dx, $dy] = $pattern[$k]->deviation;
                $mean = [$mean[0] + $p[0][0] * $dx + $p[0][1] * $dy, $mean[1] + $p[1][0] * $dx + $p[1][1] * $dy];
            }
            $left[] = ['mean' => $mean, 'covariance' => [$xx, $xy, $yy]];
        }

        return $left;
    }

    /**
     * Its chance to lie within its play, in its principal axes.
     *
     * @param  array{float, float, float}  $covariance
     * @param  array{float, float}  $mean
     * @return array{probability: float, residualSigma: array{float, float}, residual: array{float, float}}
     */
    private static function hole(float $play, array $covariance, array $mean): array
    {
        [$xx, $xy, $yy] = $covariance;
        $spread = hypot(($xx - $yy) / 2, $xy);
        $sigmas = [sqrt(max(0.0, ($xx + $yy) / 2 + $spread)), sqrt(max(0.0, ($xx + $yy) / 2 - $spread))];
        $turn = atan2(2 * $xy, $xx - $yy) / 2;
        $along = $mean[0] * cos($turn) + $mean[1] * sin($turn);
        $across = $mean[1] * cos($turn) - $mean[0] * sin($turn);

        return ['probability' => self::within($play, $sigmas[0], $sigmas[1], $along, $across), 'residualSigma' => $sigmas, 'residual' => $mean];
    }

    /** Chance that a point with these sigmas about this mean lies in a circle: over x = c sin u, by Simpson's rule. */
    private static function within(float $circle, float $long, float $short, float $along, float $across): float
    {
        $from = asin(max(-1.0, min(1.0, ($along - self::SIGMAS * $long) / $circle)));
        $to = asin(max(-1.0, min(1.0, ($along + self::SIGMAS * $long) / $circle)));
        $step = ($to - $from) / self::INTERVALS;
        $sum = 0.0;
        for ($i = 0; $i <= self::INTERVALS; $i++) {
            $u = $from + $i * $step;
            $weight = $i === 0 || $i === self::INTERVALS ? 1.0 : ($i % 2 === 0 ? 2.0 : 4.0);
            $half = $circle * cos($u);
            $density = exp(-(($circle * sin($u) - $along) / $long) ** 2 / 2) / ($long * sqrt(2 * M_PI));
            $sum += $weight * $density * $half * self::between($half, $short, $across);
        }

        return max(0.0, min(1.0, $sum * $step / 3));
    }

    private static function between(float $half, float $sigma, float $mean): float
    {
        if ($sigma < 1e-9) {
            return abs($mean) <= $half ? 1.0 : 0.0;
        }

        return Normal::below(($half - $mean) / $sigma) - Normal::below((-$half - $mean) / $sigma);
    }

    private static function pair(BoltHole $a, BoltHole $b): float
    {
        [$dx, $dy] = [$b->at[0] - $a->at[0], $b->at[1] - $a->at[1]];
        $mean = (($b->deviation[0] - $a->deviation[0]) * $dx + ($b->deviation[1] - $a->deviation[1]) * $dy) / hypot($dx, $dy);

        return self::between($a->play + $b->play, hypot($a->sigma, $b->sigma), $mean);
    }
}
