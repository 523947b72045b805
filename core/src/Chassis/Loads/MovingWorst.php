<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis\Loads;

/** What a mass that moves along does to a frame; kg, N·m, mm. */
final readonly class MovingWorst
{
    /**
     * @param  LoadKind  $over  what else stands on the frame
     * @param  list<array{id: string, least: float, greatest: float}>  $axles  what each carries; negative where it lifts
     * @param  array{moment: float, station: float, position: float}  $moment  the greatest by size, where, and with the mass at which place
     * @param  ?StressPoint  $stress  where a rail bears most; null where none is entered
     */
    public function __construct(public LoadKind $over, public array $axles, public array $moment, public ?StressPoint $stress) {}
}
