<?php

declare(strict_types=1);

namespace App\Actions\Instruments;

use App\Models\Instrument;
use App\Models\Job;
use Geodex\Core\Simulation\BentShaft;
use Geodex\Core\Simulation\RandomSource;

/** Lets a simulated dial read a made-up shaft: five places, eight angles each, handed over as a real one hands its readings over. */
final readonly class ReadSimulatedDial
{
    private const LENGTH = 1400.0;

    private const PLACES = 5;

    private const ANGLES = 8;

    /** Sigma of a reading for a slop of one (mm). */
    private const NOISE = 0.005;

    public function __construct(private TakeDialLine $take) {}

    public function handle(Instrument $dial, Job $job): void
    {
        if ($dial->simulated === null) {
            return;
        }
        $chance = new RandomSource($dial->simulated['seed']);
        $shaft = BentShaft::made($chance, self::LENGTH, $chance->between(0.1, 0.4), $chance->between(0.02, 0.2));
        foreach (range(0, self::PLACES - 1) as $i) {
            foreach (range(0, self::ANGLES - 1) as $k) {
                [$x, $at] = [self::LENGTH * $i / (self::PLACES - 1), 360.0 * $k / self::ANGLES];
                $this->take->handle($dial, $job, ['id' => "sim-{$job->id}-$i-$k", 'x' => $x, 'at' => $at, 'value' => round($shaft->read($x, $at) + $chance->normal(self::NOISE * $dial->simulated['slop']), 3)]);
            }
        }
    }
}
