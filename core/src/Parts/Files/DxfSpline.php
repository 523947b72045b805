<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Files;

use Geodex\Core\Calculators\Plates\Edge;

/** A spline of a DXF file, rational or not, by De Boor's algorithm. */
final readonly class DxfSpline
{
    private const MOST_STEPS = 4096;

    /**
     * @param  list<float>  $knots
     * @param  list<array{float, float, float}>  $controls  x and y times weight, and weight
     */
    private function __construct(private int $degree, private array $knots, private array $controls) {}

    public static function of(DxfEntity $entity): self
    {
        [$xs, $ys, $weights, $knots, $degree] = [$entity->numbers(10), $entity->numbers(20), $entity->numbers(41), $entity->numbers(40), (int) $entity->number(71, 3.0)];
        if ($degree < 1 || $degree > 10 || count($xs) !== count($ys) || count($xs) <= $degree || count($knots) !== count($xs) + $degree + 1) {
            throw UnreadableDxf::because("line $entity->line: a spline whose knots and control points do not go together.");
        }
        $controls = array_map(fn (float $x, float $y, int $i): array => [$x * ($weights[$i] ?? 1.0), $y * ($weights[$i] ?? 1.0), $weights[$i] ?? 1.0], $xs, $ys, array_keys($xs));

        return new self($degree, $knots, $controls);
    }

    /** @return list<Edge> that leave it by no more than that, as far as doubling the steps shows */
    public function edges(float $error): array
    {
        [$from, $to] = [$this->knots[$this->degree], $this->knots[count($this->controls)]];
        $steps = 8 * count($this->controls);
        do {
            $steps *= 2;
            $places = array_map(fn (int $i): array => $this->at($from + ($to - $from) * $i / $steps), range(0, $steps));
            $worst = 0.0;
            for ($i = 1; $i < $steps; $i += 2) {
                [$a, $m, $b] = [$places[$i - 1], $places[$i], $places[$i + 1]];
                $worst = max($worst, Edge::between($a, $b)->distance($m));
            }
        } while ($worst > $error && $steps < self::MOST_STEPS);

        return DxfShapes::through($places, [], false);
    }

    /** @return array{float, float} */
    private function at(float $u): array
    {
        $span = $this->degree;
        while ($span < count($this->controls) - 1 && $u >= $this->knots[$span + 1]) {
            $span++;
        }
        $d = array_slice($this->controls, $span - $this->degree, $this->degree + 1);
        for ($r = 1; $r <= $this->degree; $r++) {
            for ($j = $this->degree; $j >= $r; $j--) {
                [$low, $high] = [$this->knots[$j + $span - $this->degree], $this->knots[$j + 1 + $span - $r]];
                $share = $high - $low < 1e-15 ? 0.0 : ($u - $low) / ($high - $low);
                $d[$j] = array_map(fn (float $a, float $b): float => (1 - $share) * $a + $share * $b, $d[$j - 1], $d[$j]);
            }
        }
        [$x, $y, $weight] = $d[$this->degree];

        return abs($weight) < 1e-15 ? throw UnreadableDxf::because('A spline whose weights come to nothing.') : [$x / $weight, $y / $weight];
    }
}
