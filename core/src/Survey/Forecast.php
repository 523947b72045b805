<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

/** How far a survey is, and what would bring it to its end. */
final readonly class Forecast
{
    /**
     * @param  int  $coordinates  of the points that the chart places
     * @param  int  $settled  of them, in or out
     * @param  ?int  $toGo  readings still needed, null where more than the forecast looks ahead
     * @param  int  $tooClose  coordinates so near their tolerance that no reasonable number of readings decides them
     * @param  list<NextReading>  $readings  those readings, the most worth first
     */
    public function __construct(public int $coordinates, public int $settled, public ?int $toGo, public int $tooClose, public array $readings) {}

    /** Nothing more to gain: every coordinate is settled or too close to call, and every reading is checked. */
    public function isDone(): bool
    {
        return $this->toGo === 0;
    }
}
