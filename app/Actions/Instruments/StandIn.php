<?php

declare(strict_types=1);

namespace App\Actions\Instruments;

use Geodex\Core\Cli\DamageOption;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\UnknownPoint;
use Geodex\Core\Simulation\FrameBender;
use Geodex\Core\Simulation\FrameMeasurer;
use Geodex\Core\Simulation\Person;
use Geodex\Core\Simulation\RandomSource;
use Geodex\Core\Survey\Reading\ReadingKind;

/** The simulated tram that ships with Geodex: it hides a made-up frame behind the chart of the job. */
final readonly class StandIn
{
    /**
     * @param  array{seed: int, slop: float, misreads: float, damage: string}  $simulated
     * @return float mm or degrees
     *
     * @throws UnknownPoint if a point has no chart position to hide a frame behind
     */
    public function read(array $simulated, Frame $frame, ReadingKind $kind, int $number): float
    {
        foreach ($frame->points as $point) {
            if ($point->reference === null) {
                throw UnknownPoint::withoutPlace($point->id);
            }
        }
        $bent = (new FrameBender)->bend($frame, DamageOption::read($simulated['damage'], ''), new RandomSource($simulated['seed']));

        return (new FrameMeasurer($bent, new Person($simulated['slop'], $simulated['misreads']), $simulated['seed']))->read($kind, $number)->value;
    }
}
