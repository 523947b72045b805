<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation\Practice;

use Geodex\Core\Simulation\DamageMaker;
use Geodex\Core\Simulation\FrameBender;
use Geodex\Core\Simulation\FrameMaker;
use Geodex\Core\Simulation\FrameMeasurer;
use Geodex\Core\Simulation\Person;
use Geodex\Core\Simulation\RandomSource;
use Geodex\Core\Simulation\SimulatedFrame;

/** A simulated frame to survey: the same seed and level give the same frame, damage and helper. */
final readonly class Exercise
{
    public SimulatedFrame $simulated;

    public FrameMeasurer $measurer;

    public function __construct(public int $seed, public PracticeLevel $level)
    {
        $frame = (new FrameMaker)->make($seed, $level->rows());
        $random = new RandomSource($seed + 17);
        [$min, $max] = $level->amounts();
        $damages = (new DamageMaker)->make($random, $level->damages(), $min, $max);
        $this->simulated = (new FrameBender)->bend($frame, $damages, $random);
        $this->measurer = new FrameMeasurer($this->simulated, new Person($level->slop(), $level->misreads()), $seed);
    }
}
