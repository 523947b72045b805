<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

/** The natural cubic spline through places in order: no bending at its ends. */
final readonly class NaturalSpline
{
    /**
     * @param  non-empty-list<float>  $x  rising
     * @param  non-empty-list<float>  $y
     * @param  list<float>  $curvature  second derivative at each
     */
    private function __construct(private array $x, private array $y, private array $curvature) {}

    /**
     * @param  non-empty-list<array{float, float}>  $places  of rising x
     */
    public static function through(array $places): self
    {
        $last = count($places) - 1;
        $slope = fn (int $i): float => ($places[$i + 1][1] - $places[$i][1]) / ($places[$i + 1][0] - $places[$i][0]);
        // Thomas's algorithm on the rows of the stations between.
        [$above, $right] = [[0.0], [0.0]];
        for ($i = 1; $i < $last; $i++) {
            [$before, $after] = [$places[$i][0] - $places[$i - 1][0], $places[$i + 1][0] - $places[$i][0]];
            $pivot = 2 * ($before + $after) - $before * $above[$i - 1];
            $above[$i] = $after / $pivot;
            $right[$i] = (6 * ($slope($i) - $slope($i - 1)) - $before * $right[$i - 1]) / $pivot;
        }
        $curvature = array_fill(0, $last + 1, 0.0);
        for ($i = $last - 1; $i > 0; $i--) {
            $curvature[$i] = $right[$i] - $above[$i] * $curvature[$i + 1];
        }

        return new self(array_column($places, 0), array_column($places, 1), array_values($curvature));
    }

    public function at(float $x): float
    {
        $i = 0;
        while ($i < count($this->x) - 2 && $x > $this->x[$i + 1]) {
            $i++;
        }
        $wide = $this->x[$i + 1] - $this->x[$i];
        [$a, $b] = [($this->x[$i + 1] - $x) / $wide, ($x - $this->x[$i]) / $wide];

        return $a * $this->y[$i] + $b * $this->y[$i + 1] + (($a ** 3 - $a) * $this->curvature[$i] + ($b ** 3 - $b) * $this->curvature[$i + 1]) * $wide ** 2 / 6;
    }
}
