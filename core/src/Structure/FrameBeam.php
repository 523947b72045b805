<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/**
 * A frame on its two axles as a beam: reactions, shear, moment and deflection by Macaulay's method. Springs and tyres do not give; a
 * leaf spring turns on its axle as a stiff rocker. Stations mm, forces N, upward positive; methods of the plan, section 3.
 */
final readonly class FrameBeam
{
    /** Moments that differ by less, as a share of the larger, are the same. */
    private const SAME = 1e-9;

    /** @var list<array{float, float}> station and upward force */
    private array $forces;

    /** @var array{float, float} reactions of the front and rear axle (N) */
    public array $reactions;

    /**
     * @param  list<AxleSupport>  $supports  two, the front one first
     * @param  list<array{float, float}>  $points  station and weight (N, down)
     * @param  list<array{float, float, float}>  $spreads  from, to and whole weight (N, down)
     */
    public function __construct(public array $supports, private array $points, private array $spreads)
    {
        [$front, $rear] = $supports;
        $total = $about = 0.0;
        foreach ([...$points, ...array_map(fn (array $one): array => [($one[0] + $one[1]) / 2, $one[2]], $spreads)] as [$station, $weight]) {
            $total += $weight;
            $about += $weight * ($station - $front->station);
        }
        $atRear = $about / ($rear->station - $front->station);
        $this->reactions = [$total - $atRear, $atRear];
        $forces = array_map(fn (array $one): array => [$one[0], -$one[1]], $points);
        foreach ([$front, $rear] as $i => $support) {
            foreach ($support->shares() as [$station, $share]) {
                $forces[] = [$station, $share * $this->reactions[$i]];
            }
        }
        $this->forces = $forces;
    }

    /** Upward forces before a station less downward ones; with those that stand on it, if they count. */
    public function shear(float $x, bool $with): float
    {
        $shear = 0.0;
        foreach ($this->forces as [$at, $force]) {
            $shear += $at < $x || ($with && $at === $x) ? $force : 0.0;
        }
        foreach ($this->spreads as [$from, $to, $weight]) {
            $shear -= $weight * max(0.0, min(1.0, ($x - $from) / ($to - $from)));
        }

        return $shear;
    }

    /** N·mm, sagging positive. */
    public function moment(float $x): float
    {
        return $this->moments([$x])[0];
    }

    /**
     * The same at many stations.
     *
     * @param  list<float>  $stations
     * @return list<float>
     */
    public function moments(array $stations): array
    {
        return $this->summed($stations, 1, 1);
    }

    /** E I times the deflection (N·mm³, up positive): the share-weighted deflection of each axle's hangers is none. */
    public function deflectionTimesStiffness(float $x): float
    {
        [$c1, $c2] = $this->constants();

        return $this->bent($x) + $c1 * $x + $c2;
    }

    /**
     * The same at many stations.
     *
     * @param  list<float>  $stations
     * @return list<float>
     */
    public function deflections(array $stations): array
    {
        [$c1, $c2] = $this->constants();

        return array_map(fn (float $x, float $bent): float => $bent + $c1 * $x + $c2, $stations, $this->summed($stations, 3, 6));
    }

    /**
     * Exact: at forces, spread ends, and where the shear is none.
     *
     * @return array{array{float, float}, array{float, float}} greatest and least moment (N·mm), each with its station; the foremost of equals
     */
    public function extremes(): array
    {
        [$stations, $moments] = $this->walk();
        $same = self::SAME * max([0.0, ...array_map(abs(...), $moments)]);
        $greatest = $least = [$moments[0] ?? 0.0, $stations[0] ?? 0.0];
        foreach ($moments as $i => $moment) {
            $greatest = $moment > $greatest[0] + $same ? [$moment, $stations[$i]] : $greatest;
            $least = $moment < $least[0] - $same ? [$moment, $stations[$i]] : $least;
        }

        return [$greatest, $least];
    }

    /** @return array{float, float} */
    private function constants(): array
    {
        [$g1, $g2] = array_map(fn (AxleSupport $support): float => array_sum(array_map(fn (array $one): float => $one[1] * $this->bent($one[0]), $support->shares())), $this->supports);
        [$a1, $a2] = [$this->supports[0]->station, $this->supports[1]->station];
        $c1 = -($g2 - $g1) / ($a2 - $a1);

        return [$c1, -$g1 - $c1 * $a1];
    }

    private function bent(float $x): float
    {
        return $this->summed([$x], 3, 6)[0];
    }

    /**
     * Forces to a power and spreads to the next, over a divisor and its next: what integrating the shear gives.
     *
     * @param  list<float>  $stations
     * @return list<float>
     */
    private function summed(array $stations, int $power, int $over): array
    {
        $ends = [];
        foreach ($this->spreads as [$from, $to, $weight]) {
            $ends[] = [$from, -$weight / ($to - $from)];
            $ends[] = [$to, $weight / ($to - $from)];
        }

        return array_map(
            fn (float $force, float $spread): float => $force / $over + $spread / ($over * ($power + 1)),
            MacaulaySum::at($this->forces, $power, $stations), MacaulaySum::at($ends, $power + 1, $stations),
        );
    }

    /**
     * Along the frame from load to load, stopping also where the shear is none.
     *
     * @return array{list<float>, list<float>} stations and moments (N·mm)
     */
    private function walk(): array
    {
        $loads = array_map(fn (array $one): array => [$one[0], $one[1], 0.0], $this->forces);
        foreach ($this->spreads as [$from, $to, $weight]) {
            $loads[] = [$from, 0.0, $weight / ($to - $from)];
            $loads[] = [$to, 0.0, -$weight / ($to - $from)];
        }
        usort($loads, fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $shear = $spread = $moment = 0.0;
        $stations = $moments = [];
        foreach ($loads as $i => [$at, $force, $more]) {
            $shear += $force;
            $spread += $more;
            $stations[] = $at;
            $moments[] = $moment;
            $run = ($loads[$i + 1][0] ?? $at) - $at;
            if ($shear * ($shear - $spread * $run) < 0.0) {
                $stations[] = $at + $shear / $spread;
                $moments[] = $moment + $shear ** 2 / (2 * $spread);
            }
            $moment += $shear * $run - $spread * $run ** 2 / 2;
            $shear -= $spread * $run;
        }

        return [$stations, $moments];
    }
}
