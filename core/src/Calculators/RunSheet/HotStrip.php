<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

/** A rail as a long strip that runs have warmed: point sources, their images in both edges, loss from its faces (Carslaw and Jaeger, Conduction of Heat in Solids). */
final readonly class HotStrip
{
    /** Parts that a run is taken as. */
    private const PARTS = 10;

    /** Younger heat counts as this old (s). */
    private const YOUNGEST = 10.0;

    /**
     * @param  float  $capacity  ρ c t, J/m²K
     * @param  float  $diffusivity  m²/s
     * @param  float  $timeConstant  s
     * @param  float  $width  m
     * @param  list<array{time: float, heat: float, from: array{float, float}, to: array{float, float}}>  $runs  s, J, m
     */
    public function __construct(private float $capacity, private float $diffusivity, public float $timeConstant, private float $width, private array $runs) {}

    /** How much warmer than its surroundings (K); mm, s. */
    public function rise(float $x, float $y, float $time): float
    {
        return $this->atMost($x, $y, $time, $time);
    }

    /** More than this the place is not warmer at any time between the two (K), runs being laid before: heat has come as near as by the later and is lost and spread as by the earlier. */
    public function atMost(float $x, float $y, float $earlier, float $later): float
    {
        $rise = 0.0;
        foreach ($this->runs as $run) {
            if ($run['time'] > $later) {
                continue;
            }
            [$young, $old] = [max(self::YOUNGEST, $earlier - $run['time']), max(self::YOUNGEST, $later - $run['time'])];
            $spread = 4 * $this->diffusivity * $old;
            $sum = 0.0;
            for ($j = 0; $j < self::PARTS; $j++) {
                $share = ($j + 0.5) / self::PARTS;
                [$sx, $sy] = [$run['from'][0] + ($run['to'][0] - $run['from'][0]) * $share, $run['from'][1] + ($run['to'][1] - $run['from'][1]) * $share];
                $sum += exp(-(($x / 1000 - $sx) ** 2) / $spread) * $this->images($y / 1000, $sy, $spread);
            }
            $rise += $run['heat'] / self::PARTS / $this->capacity * $sum / (M_PI * 4 * $this->diffusivity * $young) * exp(-$young / $this->timeConstant);
        }

        return $rise;
    }

    private function images(float $y, float $source, float $spread): float
    {
        $sum = 0.0;
        for ($n = 0; ; $n++) {
            $more = 0.0;
            foreach ($n === 0 ? [0.0] : [2 * $n * $this->width, -2 * $n * $this->width] as $by) {
                $more += exp(-(($y - $source + $by) ** 2) / $spread) + exp(-(($y + $source + $by) ** 2) / $spread);
            }
            $sum += $more;
            if ($n > 0 && $more <= 1e-17 * max($sum, 1e-280) || $n > 1000) {
                return $sum;
            }
        }
    }
}
