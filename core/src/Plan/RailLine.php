<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Side;

/** The height of the rails along the station, as the chart's points draw it: the mean of both sides, straight between points. */
final readonly class RailLine
{
    /** What a digital level on a rail tells from level, twice over. */
    private const LEVEL_DEGREES = 1.0;

    /** @var list<array{float, float}> station and height (mm), by station */
    private array $corners;

    /**
     * @param  ?array{float, float}  $ends  stations of the rails' ends (mm), where they are entered
     *
     * @throws InvalidPlan if fewer than two stations are charted and no rail is entered
     */
    public function __construct(Frame $frame, private ?array $ends = null)
    {
        $heights = [];
        foreach ($frame->points as $point) {
            if ($point->reference !== null && $point->side !== Side::Centre) {
                $heights[(string) round($point->reference->x, 3)][] = $point->reference->z;
            }
        }
        ksort($heights, SORT_NUMERIC);
        $corners = [];
        foreach ($heights as $station => $zs) {
            $corners[] = [(float) $station, array_sum($zs) / count($zs)];
        }
        if (count($corners) < 2 && $ends === null) {
            throw InvalidPlan::noChart();
        }
        // Rails that no points draw lie level.
        $this->corners = count($corners) < 2 ? [[$ends[0] ?? 0.0, $corners[0][1] ?? 0.0], [$ends[1] ?? 0.0, $corners[0][1] ?? 0.0]] : $corners;
    }

    /** Station of its front end (mm): of the rail where one is entered, else of the foremost charted point. */
    public function front(): float
    {
        return min($this->corners[0][0], $this->ends[0] ?? INF);
    }

    /** Station of its rear end (mm). */
    public function rear(): float
    {
        return max($this->corners[count($this->corners) - 1][0], $this->ends[1] ?? -INF);
    }

    /** @throws InvalidPlan if a cut lies off the rail */
    public function mustCarry(string $operation, float ...$stations): void
    {
        foreach ($stations as $station) {
            if (! is_finite($station) || $station < $this->front() || $station > $this->rear()) {
                throw InvalidPlan::offTheFrame($operation, $station, $this->front(), $this->rear());
            }
        }
    }

    /** Slope of the rail at a station in radians, positive when it rises rearward. */
    public function slope(float $station): float
    {
        [[$x0, $z0], [$x1, $z1]] = $this->segment($station);
        // Beyond the charted points the rail is taken to run on level.
        if ($station < $this->corners[0][0] || $station > $this->corners[count($this->corners) - 1][0]) {
            return 0.0;
        }

        return atan2($z1 - $z0, $x1 - $x0);
    }

    /**
     * Stations strictly inside a band where the rail changes its slope.
     *
     * @return list<float> mm
     */
    public function bends(float $from, float $to): array
    {
        $bends = [];
        foreach ($this->corners as [$station]) {
            if ($station > $from && $station < $to && abs($this->slope($station - 1e-3) - $this->slope($station + 1e-3)) > deg2rad(0.5)) {
                $bends[] = $station;
            }
        }

        return $bends;
    }

    /**
     * Stretches that do not run level with the middle of the frame: kicks, and bends between two slopes.
     *
     * @return list<array{float, float}> mm
     */
    public function crooked(): array
    {
        $crooked = [];
        for ($i = 1; $i < count($this->corners); $i++) {
            [$from, $to] = [$this->corners[$i - 1][0], $this->corners[$i][0]];
            if (abs($this->slope(($from + $to) / 2)) > deg2rad(self::LEVEL_DEGREES)) {
                $last = $crooked === [] ? null : $crooked[count($crooked) - 1];
                if ($last !== null && $from - $last[1] < 1.0) {
                    array_pop($crooked);
                }
                $crooked[] = [$last !== null && $from - $last[1] < 1.0 ? $last[0] : $from, $to];
            }
        }

        return $crooked;
    }

    /** @return array{array{float, float}, array{float, float}} */
    private function segment(float $station): array
    {
        $last = count($this->corners) - 1;
        $i = 1;
        while ($i < $last && $station > $this->corners[$i][0]) {
            $i++;
        }

        return [$this->corners[$i - 1], $this->corners[$i]];
    }
}
